<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Data\Node;

/** One wording, usable when every {word} in it is known. */
final readonly class Line
{
    /** @param list<string> $tones empty when it suits every tone */
    public function __construct(
        public string $text,
        public array $tones = [],
    ) {
    }

    public static function fromNode(Node $node): self
    {
        if (!$node->isArray()) {
            return new self($node->asString());
        }
        $parts = array_map(static fn (Node $part): string => $part->asString(), $node->items());

        return new self((string) array_shift($parts), array_values($parts));
    }

    public function isRequest(): bool
    {
        return str_contains($this->text, 'Needed:');
    }
}

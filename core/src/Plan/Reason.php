<?php

declare(strict_types=1);

namespace DunePocket\Plan;

use DunePocket\Data\Node;

/** One sentence that says why something is in the plan, with the facts it rests on. */
final readonly class Reason
{
    /** @param list<string> $facts ids */
    public function __construct(
        public string $text,
        public array $facts = [],
    ) {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->string('text'), $node->strings('facts'));
    }

    /** @return array{text: string, facts: list<string>} */
    public function toArray(): array
    {
        return ['text' => $this->text, 'facts' => $this->facts];
    }
}

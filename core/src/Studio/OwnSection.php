<?php

declare(strict_types=1);

namespace DunePocket\Studio;

use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;

/** A kind of section of the designer's own: a name, what it is for, and the kind of the catalogue it is built like. */
final readonly class OwnSection
{
    private const LONGEST_NAME = 60;
    private const LONGEST_PURPOSE = 300;

    public function __construct(public string $name, public string $purpose, public string $kind)
    {
    }

    /** @throws InvalidData when it has no name or is too long */
    public static function fromNode(Node $node): self
    {
        $name = trim($node->string('name'));
        $purpose = trim($node->string('purpose', ''));
        if ('' === $name || mb_strlen($name) > self::LONGEST_NAME || mb_strlen($purpose) > self::LONGEST_PURPOSE) {
            throw new InvalidData(\sprintf('A section of your own needs a name of at most %d characters.', self::LONGEST_NAME));
        }

        return new self($name, $purpose, $node->string('kind'));
    }

    /** @return array{name: string, purpose: string, kind: string} */
    public function toArray(): array
    {
        return ['name' => $this->name, 'purpose' => $this->purpose, 'kind' => $this->kind];
    }
}

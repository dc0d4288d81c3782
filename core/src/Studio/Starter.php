<?php

declare(strict_types=1);

namespace DunePocket\Studio;

use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;

/** A plan kept to begin others with: its pages as an outline. */
final readonly class Starter
{
    private const LONGEST_NAME = 80;
    private const LONGEST = 60_000;

    /** @param string $outline lines or OPML, as the outline reader takes them */
    public function __construct(public string $name, public string $outline)
    {
    }

    /** @throws InvalidData when it has no name or is too long */
    public static function fromNode(Node $node): self
    {
        $name = trim($node->string('name'));
        $outline = $node->string('outline');
        if ('' === $name || mb_strlen($name) > self::LONGEST_NAME || mb_strlen($outline) > self::LONGEST) {
            throw new InvalidData(\sprintf('A starter plan needs a name of at most %d characters.', self::LONGEST_NAME));
        }

        return new self($name, $outline);
    }

    /** @return array{name: string, outline: string} */
    public function toArray(): array
    {
        return ['name' => $this->name, 'outline' => $this->outline];
    }
}

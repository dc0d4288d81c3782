<?php

declare(strict_types=1);

namespace DunePocket\Studio;

use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;

/** A question of the designer's own, kept for every project. */
final readonly class OwnQuestion
{
    private const LONGEST = 120;
    private const LONGEST_HINT = 300;

    public function __construct(public string $text, public string $hint = '')
    {
    }

    /** @throws InvalidData when it is empty or too long */
    public static function fromNode(Node $node): self
    {
        $text = trim($node->string('text'));
        $hint = trim($node->string('hint', ''));
        if ('' === $text || mb_strlen($text) > self::LONGEST || mb_strlen($hint) > self::LONGEST_HINT) {
            throw new InvalidData(\sprintf('A question has between one and %d characters, its hint at most %d.', self::LONGEST, self::LONGEST_HINT));
        }

        return new self($text, $hint);
    }

    /** @return array{text: string, hint: string} */
    public function toArray(): array
    {
        return ['text' => $this->text, 'hint' => $this->hint];
    }
}

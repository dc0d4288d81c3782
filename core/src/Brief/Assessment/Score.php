<?php

declare(strict_types=1);

namespace DunePocket\Brief\Assessment;

/** How much of what a plan needs the brief says, 0 to 100. */
final readonly class Score
{
    /** @param list<array{name: string, points: int, of: int}> $parts */
    public function __construct(
        public int $total,
        public array $parts,
    ) {
    }

    /** @return array{total: int, parts: list<array{name: string, points: int, of: int}>} */
    public function toArray(): array
    {
        return ['total' => $this->total, 'parts' => $this->parts];
    }
}

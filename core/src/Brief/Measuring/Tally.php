<?php

declare(strict_types=1);

namespace DunePocket\Brief\Measuring;

/** How many of the things to be read were read, and how many of the things read were right. */
final class Tally
{
    public int $expected = 0;
    public int $found = 0;
    public int $read = 0;
    public int $right = 0;

    /** @var list<string> what was missed or wrong, with its file */
    public array $faults = [];

    /** From 0 to 1; 1 when nothing was to be read. */
    public function recall(): float
    {
        return 0 === $this->expected ? 1.0 : $this->found / $this->expected;
    }

    /** From 0 to 1; 1 when nothing was read. */
    public function precision(): float
    {
        return 0 === $this->read ? 1.0 : $this->right / $this->read;
    }
}

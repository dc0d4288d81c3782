<?php

declare(strict_types=1);

namespace DunePocket\Plan\Effort;

/** How long a plan takes to design, write and build. */
final readonly class Effort
{
    /** @param array<string, float> $parts hours by what they go into */
    public function __construct(public array $parts)
    {
    }

    /** @return float hours, to the half */
    public function hours(): float
    {
        return round(2 * array_sum($this->parts)) / 2;
    }
}

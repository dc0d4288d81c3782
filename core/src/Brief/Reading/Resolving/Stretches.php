<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Resolving;

use DunePocket\Brief\Reading\Candidate;

/** Where candidates stand in the text; says quickly whether another stands within one of them. */
final readonly class Stretches
{
    /** @var list<int> where they begin, in bytes */
    private array $starts;

    /** @var list<int> how far each reaches, or one before it, in bytes */
    private array $ends;

    /** @param array<Candidate> $candidates */
    public function __construct(array $candidates)
    {
        usort($candidates, static fn (Candidate $one, Candidate $other): int => $one->start <=> $other->start);
        $starts = [];
        $ends = [];
        $furthest = 0;
        foreach ($candidates as $candidate) {
            $starts[] = $candidate->start;
            $ends[] = $furthest = max($furthest, $candidate->start + $candidate->length);
        }
        $this->starts = $starts;
        $this->ends = $ends;
    }

    /** Whether one of them holds the whole of the candidate. */
    public function hold(Candidate $candidate): bool
    {
        [$low, $high] = [0, \count($this->starts)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = $this->starts[$middle] <= $candidate->start ? [$middle + 1, $high] : [$low, $middle];
        }

        return $low > 0 && $this->ends[$low - 1] >= $candidate->start + $candidate->length;
    }
}

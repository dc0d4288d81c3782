<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Resolving;

use DunePocket\Brief\Reading\Candidate;

/** Which numbered candidates stand where in the text, so that only those nearby need be held against another. */
final class Places
{
    /** In bytes. */
    private const STRETCH = 256;

    /** @var array<int, array<int, true>> numbers by stretch of the text */
    private array $numbers = [];

    public function put(int $number, Candidate $candidate): void
    {
        foreach ($this->stretches($candidate) as $stretch) {
            $this->numbers[$stretch][$number] = true;
        }
    }

    /** @return list<int> numbers of all that may overlap with the candidate, the lowest first */
    public function near(Candidate $candidate): array
    {
        $near = [];
        foreach ($this->stretches($candidate) as $stretch) {
            $near += $this->numbers[$stretch] ?? [];
        }
        ksort($near);

        return array_keys($near);
    }

    /** @return list<int> */
    private function stretches(Candidate $candidate): array
    {
        return range(intdiv($candidate->start, self::STRETCH), intdiv($candidate->start + $candidate->length, self::STRETCH));
    }
}

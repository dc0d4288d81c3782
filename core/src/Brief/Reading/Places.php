<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

/** Which numbered candidates stand where in the text, so that only those nearby need be looked at. */
final class Places
{
    /** In bytes. */
    private const STRETCH = 256;

    /** @var array<int, array<int, true>> numbers by stretch of the text */
    private array $numbers = [];

    public function put(int $number, Candidate $candidate): void
    {
        foreach ($this->stretches($candidate->start, $candidate->length) as $stretch) {
            $this->numbers[$stretch][$number] = true;
        }
    }

    /** @return list<int> numbers of all that may overlap with the candidate, the lowest first */
    public function near(Candidate $candidate): array
    {
        return $this->nearby($candidate->start, $candidate->length);
    }

    /**
     * @param int $start  in bytes
     * @param int $length in bytes
     *
     * @return list<int> numbers of all that may overlap with the stretch, the lowest first
     */
    public function nearby(int $start, int $length): array
    {
        $near = [];
        foreach ($this->stretches($start, $length) as $stretch) {
            $near += $this->numbers[$stretch] ?? [];
        }
        ksort($near);

        return array_keys($near);
    }

    /** @return list<int> */
    private function stretches(int $start, int $length): array
    {
        return range(intdiv($start, self::STRETCH), intdiv($start + $length, self::STRETCH));
    }
}

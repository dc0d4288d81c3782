<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Resolving;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;

/** What is offered is told once: prices said elsewhere join it, and part of a longer name is no other offering. */
final readonly class Offerings implements Rule
{
    private const LISTED = 0.95;
    private const SHORT = 3;

    public function weigh(Contenders $contenders, Weighing $weighing): Contenders
    {
        $contenders = $contenders->only(FactKind::Offering, static fn (Candidate $offering): bool => !$contenders->overlap(FactKind::AreaServed, $offering));

        return $contenders->with(FactKind::Offering, $this->merged($this->listedFirst($contenders->all(FactKind::Offering))));
    }

    /**
     * @param array<Candidate> $offerings
     *
     * @return array<Candidate>
     */
    private function merged(array $offerings): array
    {
        /** @var list<Candidate> $merged */
        $merged = [];
        $keys = [];
        foreach ($offerings as $candidate) {
            $key = $candidate->key();
            foreach ($merged as $i => $known) {
                if ($this->areSame($keys[$i], $key) || $known->overlaps($candidate)) {
                    $merged[$i] = $known->joined($candidate);
                    $keys[$i] = $merged[$i]->key();
                    continue 2;
                }
            }
            $merged[] = $candidate;
            $keys[] = $key;
        }

        return $merged;
    }

    /**
     * Where the client gives a list, what was said in passing before it is the same in other words.
     *
     * @param list<Candidate> $offerings
     *
     * @return array<Candidate>
     */
    private function listedFirst(array $offerings): array
    {
        $isListed = static fn (Candidate $offering): bool => $offering->certainty >= self::LISTED;
        $listed = array_values(array_filter($offerings, $isListed));

        return \count($listed) < 2 ? $offerings : array_filter($offerings, static fn (Candidate $offering): bool => $isListed($offering) || $offering->start > $listed[0]->start || isset($offering->detail['price']));
    }

    /** "hedge laying" and "laying" are the same; "gates" and "oak gates and posts" are not. */
    private function areSame(string $one, string $other): bool
    {
        return $one === $other
            || (\strlen($other) > self::SHORT && str_starts_with($one, $other.' '))
            || str_ends_with($one, ' '.$other)
            || str_ends_with($other, ' '.$one);
    }
}

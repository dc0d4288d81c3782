<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Resolving;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;

/** The candidates of a source by kind of fact, while they are weighed against each other. */
final readonly class Contenders
{
    /** @param array<string, list<Candidate>> $byKind by the value of the kind */
    private function __construct(private array $byKind)
    {
    }

    /** @param list<Candidate> $candidates */
    public static function of(array $candidates): self
    {
        $byKind = [];
        foreach ($candidates as $candidate) {
            $byKind[$candidate->kind->value][] = $candidate;
        }

        return new self($byKind);
    }

    /** @return list<Candidate> */
    public function all(FactKind $kind): array
    {
        return $this->byKind[$kind->value] ?? [];
    }

    public function first(FactKind $kind): ?Candidate
    {
        return $this->all($kind)[0] ?? null;
    }

    /** @param iterable<Candidate> $candidates instead of those there were */
    public function with(FactKind $kind, iterable $candidates): self
    {
        return new self([$kind->value => array_values(\is_array($candidates) ? $candidates : iterator_to_array($candidates, false))] + $this->byKind);
    }

    /** @param callable(Candidate): bool $stays */
    public function only(FactKind $kind, callable $stays): self
    {
        return $this->with($kind, array_filter($this->all($kind), $stays));
    }

    /** Whether one of the kind overlaps with the candidate. */
    public function overlap(FactKind $kind, Candidate $candidate): bool
    {
        return [] !== array_filter($this->all($kind), static fn (Candidate $other): bool => $other->overlaps($candidate));
    }
}

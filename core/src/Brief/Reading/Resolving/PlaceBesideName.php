<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Resolving;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;

/** "Okonjati Bush Camp" is a name; what stands in it is no place, nor is it offered. */
final readonly class PlaceBesideName implements Rule
{
    public function weigh(Contenders $contenders, Weighing $weighing): Contenders
    {
        $name = $contenders->first(FactKind::BusinessName);
        $outside = static fn (Candidate $candidate): bool => null === $name || !$candidate->overlaps($name);
        $contenders = $contenders
            ->only(FactKind::Offering, $outside)
            ->only(FactKind::Location, static fn (Candidate $place): bool => $outside($place) && $place->key() !== $name?->key());

        return $contenders->with(FactKind::Location, \array_slice($weighing->surestFirst($contenders->all(FactKind::Location)), 0, 1));
    }
}

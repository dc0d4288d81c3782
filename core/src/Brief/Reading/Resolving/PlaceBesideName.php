<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Resolving;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;

/** "Okonjati Bush Camp" is a name; what stands in it is no place, nor is it offered. */
final readonly class PlaceBesideName implements Rule
{
    private const STREET = '/\b(?:street|road|lane|avenue|close|crescent|terrace)$/iu';
    private const GUESS = 0.55;
    private const SURE_OFFERING = 0.85;

    public function weigh(Contenders $contenders, Weighing $weighing): Contenders
    {
        $contenders = $contenders->only(FactKind::BusinessName, fn (Candidate $name): bool => !$this->isOffering($name, $contenders));
        $name = $contenders->first(FactKind::BusinessName);
        $outside = static fn (Candidate $candidate): bool => null === $name || !$candidate->overlaps($name);
        $contenders = $contenders
            ->only(FactKind::Offering, static fn (Candidate $offering): bool => $outside($offering) && $offering->key() !== $name?->key())
            ->only(FactKind::Audience, static fn (Candidate $people): bool => $people->key() !== $name?->key())
            ->only(FactKind::Location, static fn (Candidate $place): bool => $outside($place) && $place->key() !== $name?->key());

        $places = $contenders->all(FactKind::Location);
        $towns = array_filter($places, static fn (Candidate $place): bool => 1 !== preg_match(self::STREET, $place->value));

        return $contenders->with(FactKind::Location, \array_slice($weighing->surestFirst([] === $towns ? $places : array_values($towns)), 0, 1));
    }

    /** "Our courses are Welding Basics and Metalwork": what was only guessed to be a name is plainly offered. */
    private function isOffering(Candidate $name, Contenders $contenders): bool
    {
        return $name->certainty <= self::GUESS
            && [] !== array_filter($contenders->all(FactKind::Offering), static fn (Candidate $offering): bool => $offering->certainty >= self::SURE_OFFERING && $offering->liesIn($name));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Resolving;

use DunePocket\Brief\FactKind;

/** What is said twice is one fact, and a little surer. */
final readonly class Repetitions implements Rule
{
    public function weigh(Contenders $contenders, Weighing $weighing): Contenders
    {
        foreach (FactKind::cases() as $kind) {
            $kept = [];
            foreach ($contenders->all($kind) as $candidate) {
                $key = $candidate->key();
                $kept[$key] = isset($kept[$key]) ? $kept[$key]->repeated($candidate) : $candidate;
            }
            $contenders = $contenders->with($kind, $kept);
        }

        return $contenders;
    }
}

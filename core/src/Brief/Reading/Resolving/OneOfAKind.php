<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Resolving;

use DunePocket\Brief\FactKind;

/** Of some kinds there is one fact only: the surest. */
final readonly class OneOfAKind implements Rule
{
    private const KINDS = [FactKind::BusinessKind, FactKind::PageCount, FactKind::Founded, FactKind::ContactAddress, FactKind::ExistingSite];

    public function weigh(Contenders $contenders, Weighing $weighing): Contenders
    {
        foreach (self::KINDS as $kind) {
            $contenders = $contenders->with($kind, \array_slice($weighing->surestFirst($contenders->all($kind)), 0, 1));
        }

        return $contenders;
    }
}

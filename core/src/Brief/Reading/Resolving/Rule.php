<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Resolving;

/** One rule by which candidates are weighed. */
interface Rule
{
    /** The candidates that the rule lets stand. */
    public function weigh(Contenders $contenders, Weighing $weighing): Contenders;
}

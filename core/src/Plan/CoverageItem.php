<?php

declare(strict_types=1);

namespace DunePocket\Plan;

use DunePocket\Brief\Fact;

/** A fact or request of the brief, with where the plan answers it. */
final readonly class CoverageItem
{
    /** @param list<string> $where ids of pages and sections; empty: nowhere yet */
    public function __construct(
        public Fact $fact,
        public array $where,
    ) {
    }
}

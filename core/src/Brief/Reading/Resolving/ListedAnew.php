<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Resolving;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Recogniser\Pages\ListAnew;

/** A list of pages given anew holds instead of what was asked for before it, in the same message or an older one. */
final readonly class ListedAnew implements Rule
{
    public function weigh(Contenders $contenders, Weighing $weighing): Contenders
    {
        $list = array_values(array_filter($contenders->all(FactKind::PageRequest), static fn (Candidate $page): bool => isset($page->detail[ListAnew::ANEW])));
        if ([] === $list) {
            return $contenders;
        }
        $last = $list[\count($list) - 1];
        $names = array_map(static fn (Candidate $page): string => $page->key(), $list);
        $stands = static fn (Candidate $page): bool => \in_array($page->key(), $names, true)
            || $weighing->age($page) < $weighing->age($last)
            || ($weighing->age($page) === $weighing->age($last) && $page->start > $last->start);
        $pages = array_filter($contenders->all(FactKind::PageRequest), $stands);

        return $contenders->with(FactKind::PageRequest, array_map($this->unmarked(...), $pages));
    }

    private function unmarked(Candidate $page): Candidate
    {
        return new Candidate($page->kind, $page->value, $page->start, $page->length, $page->certainty, $page->origin, array_diff_key($page->detail, [ListAnew::ANEW => true]));
    }
}

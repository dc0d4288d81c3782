<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Resolving;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Places;

/** "Case studies" in the list of pages is the name of one, and no feature; what is said of the page behind its name may be. */
final readonly class PageNames implements Rule
{
    private const LISTED = 0.95;

    public function weigh(Contenders $contenders, Weighing $weighing): Contenders
    {
        $listed = array_values(array_filter($contenders->all(FactKind::PageRequest), static fn (Candidate $page): bool => $page->certainty >= self::LISTED));
        $places = new Places();
        foreach ($listed as $number => $page) {
            $places->put($number, $page);
        }
        $isInAName = static fn (Candidate $feature): bool => [] !== array_filter($places->near($feature), static fn (int $near): bool => $feature->liesIn($listed[$near]) && $feature->start - $listed[$near]->start < \strlen($listed[$near]->value));

        return $contenders->only(FactKind::Feature, static fn (Candidate $feature): bool => $feature->isInferred() || !$isInAName($feature));
    }
}

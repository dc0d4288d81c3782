<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Resolving;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;

/** A refusal wins over a request of the same name, unless the request came in a later message. */
final readonly class Refusals implements Rule
{
    public function weigh(Contenders $contenders, Weighing $weighing): Contenders
    {
        $wishes = [...$contenders->all(FactKind::Feature), ...$contenders->all(FactKind::PageRequest)];
        $refused = [];
        $before = [];
        foreach ($contenders->all(FactKind::PageRefusal) as $refusal) {
            if ([] === array_filter($before, $refusal->overlaps(...)) && !$this->isTakenBack($refusal, $wishes, $weighing)) {
                $refused[] = $refusal;
            }
            $before[] = $refusal;
        }
        $names = array_map(static fn (Candidate $refusal): string => $refusal->key(), $refused);
        $features = array_map(static fn (Candidate $refusal): mixed => $refusal->detail['feature'] ?? null, $refused);
        $isWanted = static fn (Candidate $wish): bool => !\in_array($wish->key(), $names, true);
        $contenders = $contenders
            ->with(FactKind::PageRefusal, $refused)
            ->only(FactKind::Offering, $isWanted)
            ->only(FactKind::PageRequest, $isWanted)
            ->only(FactKind::Feature, static fn (Candidate $feature): bool => $isWanted($feature) && !\in_array($feature->value, $features, true));

        return $contenders->with(FactKind::PageRequest, $weighing->withoutOverlaps($contenders->all(FactKind::PageRequest)));
    }

    /** @param list<Candidate> $wishes */
    private function isTakenBack(Candidate $refusal, array $wishes, Weighing $weighing): bool
    {
        foreach ($wishes as $wish) {
            $isSame = $wish->key() === $refusal->key() || $wish->value === ($refusal->detail['feature'] ?? null);
            if ($isSame && $weighing->age($wish) < $weighing->age($refusal)) {
                return true;
            }
        }

        return false;
    }
}

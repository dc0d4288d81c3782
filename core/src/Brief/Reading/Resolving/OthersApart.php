<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Resolving;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;

/** Competitors, websites the client likes, profiles elsewhere and the lines of an address are not the client: neither their name nor their site. */
final readonly class OthersApart implements Rule
{
    private const OTHERS = [FactKind::Competitor, FactKind::AdmiredSite, FactKind::SocialProfile, FactKind::ContactAddress];
    private const OWN = [FactKind::BusinessName, FactKind::ExistingSite];

    public function weigh(Contenders $contenders, Weighing $weighing): Contenders
    {
        foreach ([FactKind::Competitor, FactKind::AdmiredSite] as $kind) {
            $contenders = $contenders->with($kind, $weighing->withoutOverlaps($contenders->all($kind)));
        }
        $contenders = $contenders->only(FactKind::Competitor, static fn (Candidate $candidate): bool => !$contenders->overlap(FactKind::AdmiredSite, $candidate));
        foreach (self::OTHERS as $others) {
            foreach (self::OWN as $own) {
                $contenders = $contenders->only($own, fn (Candidate $candidate): bool => !$contenders->overlap($others, $candidate) && !$this->isAmong($contenders->all($others), $candidate));
            }
        }

        return $contenders;
    }

    /** @param list<Candidate> $others */
    private function isAmong(array $others, Candidate $candidate): bool
    {
        return [] !== array_filter($others, static fn (Candidate $other): bool => $other->key() === $candidate->key());
    }
}

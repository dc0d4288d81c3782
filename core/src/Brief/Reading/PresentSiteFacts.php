<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Source;
use DunePocket\Brief\Sources\SiteInventory;

/** What the inventory of a website tells: whose it is and how to reach them, not what the new site is to be. */
final class PresentSiteFacts
{
    private const KINDS = [FactKind::ContactPhone, FactKind::ContactEmail, FactKind::ContactAddress, FactKind::OpeningHours, FactKind::ExistingSite, FactKind::SocialProfile];
    private const NAME_CERTAINTY = 0.85;

    /**
     * @param list<Candidate> $candidates what was read in the inventory as in any text
     *
     * @return list<Candidate> those of the kinds that an inventory tells, and the name its titles share
     */
    public static function among(array $candidates, Source $source): array
    {
        $told = array_values(array_filter($candidates, static fn (Candidate $candidate): bool => \in_array($candidate->kind, self::KINDS, true)));
        $line = preg_quote(SiteInventory::NAMED, '/');
        if (1 === preg_match("/^{$line}(.+)$/mu", $source->text, $m, \PREG_OFFSET_CAPTURE)) {
            $told[] = new Candidate(FactKind::BusinessName, $m[1][0], $m[1][1], \strlen($m[1][0]), self::NAME_CERTAINTY);
        }

        return $told;
    }
}

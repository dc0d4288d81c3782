<?php

declare(strict_types=1);

namespace DunePocket\Brief\Merging;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;

/** What another project of a designer knows, as facts for this one. What belongs to that website alone stays there. */
final class KnownElsewhere
{
    /** About one website, not about the business. */
    private const OF_THE_SITE = [FactKind::Goal, FactKind::SecondaryGoal, FactKind::Feature, FactKind::PageRequest, FactKind::PageRefusal, FactKind::PageCount, FactKind::Deadline, FactKind::Budget, FactKind::DesignNote, FactKind::AdmiredSite];
    private const CONTACT = [FactKind::ContactPhone, FactKind::ContactEmail, FactKind::ExistingSite];

    /**
     * @param int $nextNumber number of the first fact
     *
     * @return list<Fact> entered, each telling which project it comes from
     */
    public static function facts(Brief $other, string $project, int $nextNumber): array
    {
        $reusable = array_values(array_filter($other->facts, static fn (Fact $fact): bool => !\in_array($fact->kind, self::OF_THE_SITE, true) && !$fact->isDefault()));

        return array_map(static fn (Fact $fact, int $i): Fact => new Fact('f'.($nextNumber + $i), $fact->kind, $fact->value, Origin::Entered, $fact->certainty, null, array_diff_key($fact->detail, ['hint' => true]) + [Fact::FROM => $project]), $reusable, array_keys($reusable));
    }

    /** Whether both briefs are of the same client: the name, or a way to reach them, is the same. */
    public static function isSameClient(Brief $a, Brief $b): bool
    {
        return [] !== array_intersect(self::marks($a), self::marks($b));
    }

    /** @return list<string> */
    private static function marks(Brief $brief): array
    {
        $marks = [];
        foreach ($brief->facts as $fact) {
            if (FactKind::BusinessName === $fact->kind) {
                $marks[] = 'name '.preg_replace('/^the |[^\p{L}\d]+|\b(?:ltd|limited|llc|inc|plc|gmbh)\b/u', '', mb_strtolower($fact->value));
            } elseif (\in_array($fact->kind, self::CONTACT, true)) {
                $marks[] = $fact->detail('e164') ?? rtrim(preg_replace('~^https?://(?:www\.)?~', '', mb_strtolower($fact->value)) ?? $fact->value, '/');
            }
        }

        return $marks;
    }
}

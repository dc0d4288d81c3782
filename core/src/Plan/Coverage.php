<?php

declare(strict_types=1);

namespace DunePocket\Plan;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Catalogue\Catalogue;

/** Which facts and requests of the brief the plan answers, and where. */
final readonly class Coverage
{
    private const COUNTED = [
        FactKind::Offering, FactKind::PageRequest, FactKind::Feature, FactKind::Goal, FactKind::SecondaryGoal, FactKind::Differentiator,
        FactKind::Proof, FactKind::Audience, FactKind::Location, FactKind::AreaServed, FactKind::ContactPhone, FactKind::ContactEmail,
        FactKind::ContactAddress, FactKind::OpeningHours, FactKind::Price, FactKind::Person, FactKind::Founded,
    ];

    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param FactKind ...$kinds of the facts to look for; those that a plan can answer when none is named
     *
     * @return list<CoverageItem> in the order of the brief; empty while there is no plan
     */
    public function of(Plan $plan, Brief $brief, FactKind ...$kinds): array
    {
        if ($plan->isEmpty()) {
            return [];
        }
        $cited = [];
        $texts = [];
        foreach ($plan->pages as $page) {
            foreach ($page->reasons as $reason) {
                foreach ($reason->facts as $fact) {
                    $cited[$fact][] = $page->id;
                }
            }
            foreach ($page->sections() as $section) {
                $shown = $plan->shown($section);
                foreach ($shown->reasons as $reason) {
                    foreach ($reason->facts as $fact) {
                        $cited[$fact][] = $section->id;
                    }
                }
                $texts[$section->id] = mb_strtolower(implode("\n", array_map(static fn (CopyLine $line): string => CopyStatus::ToSupply === $line->status ? '' : $line->text, $shown->copy)));
            }
        }
        $mentions = new Mentions($texts);
        $items = [];
        foreach ($brief->facts as $fact) {
            $isGuess = FactKind::Differentiator === $fact->kind && $fact->isDoubtful();
            if (!$isGuess && \in_array($fact->kind, [] === $kinds ? self::COUNTED : $kinds, true)) {
                $items[] = new CoverageItem($fact, $this->where($fact, $plan, $cited[$fact->id] ?? [], $mentions));
            }
        }

        return $items;
    }

    /**
     * @param list<string> $cited ids of what names the fact as its reason
     *
     * @return list<string>
     */
    private function where(Fact $fact, Plan $plan, array $cited, Mentions $mentions): array
    {
        $feature = FactKind::Feature === $fact->kind ? ($this->catalogue->features()[$fact->value] ?? null) : null;
        $where = \in_array($fact->kind, [FactKind::PageRequest, FactKind::Goal, FactKind::SecondaryGoal, FactKind::Offering], true) ? $cited : [];
        $goal = \in_array($fact->kind, [FactKind::Goal, FactKind::SecondaryGoal], true) ? ($this->catalogue->goals()[$fact->value] ?? null) : null;
        foreach ($plan->pages as $page) {
            if ((null !== $feature && $page->kind === $feature->page) || (null !== $goal && \in_array($page->kind, $goal->targets, true)) || (FactKind::PageRequest === $fact->kind && 0 === strcasecmp($page->title, $fact->value))) {
                $where[] = $page->id;
            }
            foreach ($page->sections() as $section) {
                if (null !== $feature && $section->kind === $feature->section) {
                    $where[] = $section->id;
                }
            }
        }
        if (null === $feature && null === $goal && FactKind::PageRequest !== $fact->kind) {
            array_push($where, ...$mentions->of($fact->value));
        }

        return array_values(array_unique($where));
    }
}

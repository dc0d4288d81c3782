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
    private const WORD = 4;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @return list<CoverageItem> in the order of the brief; empty while there is no plan */
    public function of(Plan $plan, Brief $brief): array
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
            foreach ($page->sections as $section) {
                $shown = $plan->resolve($section);
                foreach ($shown->reasons as $reason) {
                    foreach ($reason->facts as $fact) {
                        $cited[$fact][] = $section->id;
                    }
                }
                $texts[$section->id] = mb_strtolower(implode("\n", array_map(static fn (CopyLine $line): string => CopyStatus::ToSupply === $line->status ? '' : $line->text, $shown->copy)));
            }
        }
        $items = [];
        foreach ($brief->facts as $fact) {
            if (\in_array($fact->kind, self::COUNTED, true)) {
                $items[] = new CoverageItem($fact, $this->where($fact, $plan, $cited[$fact->id] ?? [], $texts));
            }
        }

        return $items;
    }

    /**
     * @param list<string>          $cited ids of what names the fact as its reason
     * @param array<string, string> $texts copy by section
     *
     * @return list<string>
     */
    private function where(Fact $fact, Plan $plan, array $cited, array $texts): array
    {
        $feature = FactKind::Feature === $fact->kind ? ($this->catalogue->features[$fact->value] ?? null) : null;
        $where = \in_array($fact->kind, [FactKind::PageRequest, FactKind::Goal, FactKind::SecondaryGoal, FactKind::Offering], true) ? $cited : [];
        $goal = \in_array($fact->kind, [FactKind::Goal, FactKind::SecondaryGoal], true) ? ($this->catalogue->goals[$fact->value] ?? null) : null;
        foreach ($plan->pages as $page) {
            if ((null !== $feature && $page->kind === $feature->page) || (null !== $goal && \in_array($page->kind, $goal->targets, true)) || (FactKind::PageRequest === $fact->kind && 0 === strcasecmp($page->title, $fact->value))) {
                $where[] = $page->id;
            }
            foreach ($page->sections as $section) {
                if (null !== $feature && $section->kind === $feature->section) {
                    $where[] = $section->id;
                }
            }
        }
        if (null === $feature && null === $goal && FactKind::PageRequest !== $fact->kind) {
            array_push($where, ...$this->mentions($fact->value, $texts));
        }

        return array_values(array_unique($where));
    }

    /**
     * @param array<string, string> $texts
     *
     * @return list<string> sections that say it, or most of its words
     */
    private function mentions(string $value, array $texts): array
    {
        $value = mb_strtolower($value);
        $words = array_values(array_filter(preg_split('/[^\p{L}\d£$€]+/u', $value) ?: [], static fn (string $word): bool => mb_strlen($word) >= self::WORD));
        $where = [];
        foreach ($texts as $id => $text) {
            if ('' === $text) {
                continue;
            }
            $found = \count(array_filter($words, static fn (string $word): bool => str_contains($text, $word)));
            if (str_contains($text, $value) || (\count($words) > 1 && $found >= 0.75 * \count($words))) {
                $where[] = $id;
            }
        }

        return $where;
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Plan;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Findings\Mend;

/** What one action would give a fact its place in the plan. */
final readonly class CoverageMender
{
    /** The section that tells such a fact, and the pages it belongs on, the best first. */
    private const SECTIONS = [
        'differentiator' => ['benefits', ['home', 'about']],
        'audience' => ['benefits', ['home', 'about']],
        'proof' => ['awards', ['home', 'about']],
        'location' => ['map-hours', ['contact', 'location', 'home']],
        'contact_address' => ['map-hours', ['contact', 'location', 'home']],
        'opening_hours' => ['map-hours', ['contact', 'location', 'home']],
        'contact_phone' => ['contact-form', ['contact', 'home']],
        'contact_email' => ['contact-form', ['contact', 'home']],
        'area_served' => ['areas', ['areas', 'services', 'home']],
        'price' => ['price-list', ['pricing', 'services', 'home']],
        'person' => ['team', ['team', 'about', 'home']],
        'founded' => ['story', ['about', 'home']],
    ];

    public function __construct(private Catalogue $catalogue)
    {
    }

    public function mend(Fact $fact, Plan $plan): ?Mend
    {
        if (FactKind::PageRequest === $fact->kind) {
            return Mend::addPage($fact->value, $fact->detail('page'));
        }
        if (FactKind::Offering === $fact->kind) {
            return Mend::addPage($fact->value, 'service', $this->page($plan, ['services', 'products'])?->id);
        }
        if (FactKind::Feature === $fact->kind) {
            return $this->feature($fact->value, $plan);
        }
        if (\in_array($fact->kind, [FactKind::Goal, FactKind::SecondaryGoal], true)) {
            $target = $this->catalogue->goals()[$fact->value]->targets[0] ?? null;

            return null === $target ? null : Mend::addPage($this->catalogue->pageKinds()->get($target)->title, $target);
        }
        [$section, $hosts] = self::SECTIONS[$fact->kind->value] ?? [null, []];

        return null === $section ? null : $this->section($section, $this->page($plan, $hosts));
    }

    private function feature(string $id, Plan $plan): ?Mend
    {
        $feature = $this->catalogue->features()[$id] ?? null;
        if (null !== $feature?->page && (null === $feature->section || $feature->comesWithPage)) {
            return Mend::addPage($this->catalogue->pageKinds()->get($feature->page)->title, $feature->page);
        }

        return null === $feature?->section ? null : $this->section($feature->section, $this->page($plan, ['home']));
    }

    private function section(string $kind, ?Page $page): ?Mend
    {
        return null === $page ? null : Mend::addSection($page->id, $page->end(), $kind, $this->catalogue->sectionKind($kind)->label);
    }

    /** @param list<string> $kinds the best first */
    private function page(Plan $plan, array $kinds): ?Page
    {
        foreach ($kinds as $kind) {
            foreach ($plan->pages as $page) {
                if ($page->kind === $kind) {
                    return $page;
                }
            }
        }

        return null;
    }
}

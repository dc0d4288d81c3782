<?php

declare(strict_types=1);

namespace DunePocket\Plan\Effort;

use DunePocket\Catalogue\EffortRules;
use DunePocket\Catalogue\PageKinds;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;

/**
 * Adds up the hours of a plan: a shared section is made once, a page that stands for many is designed once, and a
 * further page of a kind below the same page takes a part of the first.
 */
final readonly class Estimator
{
    public function __construct(private EffortRules $rules, private PageKinds $kinds)
    {
    }

    public function estimate(Plan $plan): Effort
    {
        if ($plan->isEmpty()) {
            return new Effort([]);
        }
        $parts = ['Pages' => 0.0, 'Legal and supporting pages' => 0.0, 'Header, footer and what pages share' => 0.0];
        $seen = [];
        foreach ($plan->pages as $page) {
            $siblings = $page->kind.' '.$page->parent;
            $hours = $this->page($page) * (isset($seen[$siblings]) ? $this->rules->again : 1.0);
            $seen[$siblings] = true;
            $parts[$this->kinds->counts($page->kind) ? 'Pages' : 'Legal and supporting pages'] += $hours;
        }
        foreach ($plan->shared as $section) {
            $parts['Header, footer and what pages share'] += $this->rules->section($section->kind);
        }

        return new Effort(array_filter([...$parts, ...$this->rules->site], static fn (float $hours): bool => $hours > 0.0));
    }

    private function page(Page $page): float
    {
        $kind = $this->kinds->has($page->kind) ? $this->kinds->get($page->kind) : null;
        $hours = $this->rules->page($page->kind, true === $kind?->legal, true === $kind?->support);
        foreach ($page->sections() as $section) {
            $hours += null === $section->shared ? $this->rules->section($section->kind) : 0.0;
        }

        return $hours;
    }
}

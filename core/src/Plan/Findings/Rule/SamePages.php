<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** No page is a copy of another; pages of one family (services, places) may share their sections. */
final readonly class SamePages implements Rule
{
    public function check(Plan $plan, Profile $profile): iterable
    {
        $seen = [];
        foreach ($plan->pages as $page) {
            $kinds = implode(' ', array_map(static fn ($section): string => $section->kind, $page->sections()));
            if (\count($page->sections()) > 4 && isset($seen[$kinds]) && $seen[$kinds]->kind !== $page->kind) {
                yield new Finding('same-sections', Level::Warning, [$page->id, $seen[$kinds]->id], \sprintf('“%s” has the same sections as “%s”. Tell them apart, or make one page of them.', $page->title, $seen[$kinds]->title), Mend::anotherPage($page->id));
            }
            $seen[$kinds] ??= $page;
        }
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** A page below one that stands for many. */
final readonly class ParentRepeats implements Rule
{
    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            $parent = $plan->findPage($page->parent);
            if (true === $parent?->repeats) {
                yield new Finding('parent-repeats', Level::Warning, [$page->id, $parent->id], \sprintf('“%s” stands below “%s”, which stands for many pages.', $page->title, $parent->title), Mend::movePage($page->id, $parent->parent, $plan->pageIndex($page->id)));
            }
        }
    }
}

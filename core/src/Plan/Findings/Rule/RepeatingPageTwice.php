<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** A page that stands for many, drawn several times below one list. */
final readonly class RepeatingPageTwice implements Rule
{
    public function check(Plan $plan, Profile $profile): iterable
    {
        $seen = [];
        foreach ($plan->pages as $page) {
            $place = $page->kind.' '.$page->parent;
            if ($page->repeats && isset($seen[$place])) {
                yield new Finding('repeating-page-twice', Level::Warning, [$page->id, $seen[$place]->id], \sprintf('“%s” and “%s” are the same page design. Draw it once.', $seen[$place]->title, $page->title), Mend::removePage($page->id, $page->title));
            }
            if ($page->repeats) {
                $seen[$place] ??= $page;
            }
        }
    }
}

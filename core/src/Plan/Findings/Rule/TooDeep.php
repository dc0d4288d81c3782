<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** No page is deeper than three clicks from the start (common practice). */
final readonly class TooDeep implements Rule
{
    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            if ($plan->depth($page) > 2) {
                yield new Finding('too-deep', Level::Warning, [$page->id], \sprintf('“%s” is more than three clicks from the start. Move it up.', $page->title), Mend::movePage($page->id, $plan->findPage($page->parent)?->parent, $plan->pageIndex($page->id)));
            }
        }
    }
}

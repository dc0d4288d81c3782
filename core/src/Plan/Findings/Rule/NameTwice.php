<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** Two sections of one name on a page. */
final readonly class NameTwice implements Rule
{
    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            $seen = [];
            foreach ($page->sections() as $section) {
                $title = mb_strtolower($plan->shown($section)->title);
                if (isset($seen[$title])) {
                    yield new Finding('name-twice', Level::Note, [$page->id, $section->id], \sprintf('On “%s” two sections are called “%s”. Rename one.', $page->title, $plan->shown($section)->title));
                }
                $seen[$title] = true;
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Navigation;
use DunePocket\Plan\Plan;

/** In the menu, while the page above it is not. */
final readonly class ChildInMenu implements Rule
{
    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            $parent = $plan->findPage($page->parent);
            if (Navigation::Main === $page->navigation && null !== $parent && Navigation::Main !== $parent->navigation && '' !== $parent->slug) {
                yield new Finding('child-in-menu', Level::Note, [$page->id, $parent->id], \sprintf('“%s” is in the menu, “%s” above it is not.', $page->title, $parent->title), Mend::navigation($parent->id, Navigation::Main));
            }
        }
    }
}

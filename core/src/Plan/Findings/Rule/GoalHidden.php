<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Navigation;
use DunePocket\Plan\Plan;

/** The page that serves the goal is not in the menu. */
final readonly class GoalHidden implements Rule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($this->catalogue->goals()[$profile->goal]->targets as $target) {
            foreach ($plan->pages as $page) {
                if ($page->kind === $target && !$page->repeats && !$this->catalogue->pageKinds()->get($target)->support) {
                    if (Navigation::Main !== $page->navigation && null === $page->parent && '' !== $page->slug) {
                        yield new Finding('goal-hidden', Level::Warning, [$page->id], \sprintf('The site is to bring %s, and “%s” is not in the menu.', $this->catalogue->goals()[$profile->goal]->noun, $page->title), Mend::navigation($page->id, Navigation::Main));
                    }

                    return;
                }
            }
        }
    }
}

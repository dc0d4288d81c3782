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
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;

/** In no menu and no footer, and below no page that would list it. */
final readonly class UnreachablePage implements Rule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            if (Navigation::None === $page->navigation && '' !== $page->slug && null === $page->parent && !$page->repeats && !$this->isBehind($page)) {
                yield new Finding('unreachable-page', Level::Error, [$page->id], \sprintf('Nothing leads to “%s”. Put it in the menu or the footer, or below another page.', $page->title), Mend::navigation($page->id, Navigation::Footer));
            }
        }
    }

    /** Basket, thanks, search and their like are reached by what visitors do. */
    private function isBehind(Page $page): bool
    {
        return $this->catalogue->pageKinds()->has($page->kind) && $this->catalogue->pageKinds()->get($page->kind)->support;
    }
}

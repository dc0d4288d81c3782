<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning;

use DunePocket\Catalogue\PageKinds;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;

/** Where a page that is added to a plan belongs when nobody says so. */
final readonly class PagePlace
{
    public function __construct(private PageKinds $kinds)
    {
    }

    /** The page a design that stands for many belongs below: its list. Null for every other page, and without the list. */
    public function parent(Plan $plan, string $kind): ?string
    {
        if (!$this->kinds->get($kind)->repeats) {
            return null;
        }
        foreach ($this->kinds->get($kind)->from as $list) {
            foreach ($plan->pages as $page) {
                if ($page->kind === $list && '' !== $page->slug) {
                    return $page->id;
                }
            }
        }

        return null;
    }

    /** Its index among all pages: behind the last page below the same parent that comes before it in a usual menu. */
    public function index(Plan $plan, string $kind, ?string $parent): int
    {
        $before = array_filter($plan->children($parent), fn (Page $page): bool => $this->kinds->menuPlace($page->kind) <= $this->kinds->menuPlace($kind));
        $last = [] === $before ? $parent : end($before)->id;
        $index = 0;
        foreach ($plan->pages as $at => $page) {
            $index = null !== $last && $plan->isWithin($page->id, $last) ? $at + 1 : $index;
        }

        return $index;
    }
}

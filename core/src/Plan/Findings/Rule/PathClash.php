<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Slug;

/** Two pages cannot have the same path. */
final readonly class PathClash implements Rule
{
    public function check(Plan $plan, Profile $profile): iterable
    {
        $byPath = [];
        foreach ($plan->pages as $page) {
            $byPath[$plan->path($page)][] = $page;
        }
        foreach ($byPath as $path => $pages) {
            if (\count($pages) > 1) {
                yield new Finding('path-clash', Level::Error, array_map(static fn ($page): string => $page->id, $pages), \sprintf('%d pages have the path %s. Change the path of all but one.', \count($pages), $path), Mend::path($pages[1]->id, Slug::free($pages[1]->slug, array_map(static fn ($page): string => $page->slug, $plan->children($pages[1]->parent)))));
            }
        }
    }
}

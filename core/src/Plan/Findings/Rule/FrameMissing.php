<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** A page without the header or the footer that the others have. */
final readonly class FrameMissing implements Rule
{
    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->shared as $shared) {
            foreach (\in_array($shared->kind, ['site-header', 'site-footer'], true) ? $plan->pages : [] as $page) {
                if (!\in_array($shared->kind, array_map(static fn ($section): string => $section->kind, $page->sections()), true)) {
                    yield new Finding('frame-missing', Level::Warning, [$page->id], \sprintf('“%s” is without the %s of the other pages.', $page->title, 'site-header' === $shared->kind ? 'header' : 'footer'), Mend::useShared($page->id, 'site-header' === $shared->kind ? 0 : \count($page->sections()), $shared->id, $shared->title), $shared->kind);
                }
            }
        }
    }
}

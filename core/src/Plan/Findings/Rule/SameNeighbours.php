<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** Two neighbours of the same kind read as one. */
final readonly class SameNeighbours implements Rule
{
    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            foreach ($page->sections() as $i => $section) {
                $before = $page->sections()[$i - 1] ?? null;
                if ($before?->kind === $section->kind) {
                    yield new Finding('same-neighbours', Level::Warning, [$page->id, $section->id], \sprintf('“%s” and “%s” are of the same kind and stand side by side. Join them, or put another section between.', $before->title, $section->title), Mend::removeSection($section->id, $section->title));
                }
            }
        }
    }
}

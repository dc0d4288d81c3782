<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** Two neighbours of different kinds that do the same work. */
final readonly class IllNeighbours implements Rule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            foreach ($page->sections() as $i => $section) {
                $before = $page->sections()[$i - 1] ?? null;
                if (null !== $before && ($this->catalogue->sectionKinds()[$section->kind] ?? null)?->standsApartFrom($before->kind) === true) {
                    yield new Finding('ill-neighbours', Level::Note, [$page->id, $section->id], \sprintf('On “%s”, “%s” and “%s” stand side by side and do the same work. Put another section between, or give one up.', $page->title, $before->title, $section->title));
                }
            }
        }
    }
}

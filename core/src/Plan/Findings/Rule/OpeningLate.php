<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** Something of weight above the opening. */
final readonly class OpeningLate implements Rule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    private const ABOVE = ['site-header', 'announcement', 'breadcrumb'];

    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            $first = null;
            foreach ($page->sections() as $i => $section) {
                if (\in_array($section->kind, self::ABOVE, true)) {
                    continue;
                }
                $first ??= $i;
                if ($i > $first && ($this->catalogue->sectionKinds()[$section->kind]->lead ?? false)) {
                    yield new Finding('opening-late', Level::Warning, [$page->id, $section->id], \sprintf('“%s” opens the page but does not stand first.', $section->title), Mend::moveSection($section->id, $page->id, $first, 'Move it to the top'));
                    break;
                }
            }
        }
    }
}

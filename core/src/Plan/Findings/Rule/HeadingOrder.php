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

/** One first heading a page (WCAG technique H42, common practice). */
final readonly class HeadingOrder implements Rule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            $leads = array_values(array_filter($page->sections(), fn ($section): bool => $this->catalogue->sectionKinds()[$section->kind]->lead ?? false));
            if (\count($leads) > 1) {
                yield new Finding('heading-order', Level::Warning, [$page->id, $leads[1]->id], \sprintf('“%s” opens twice: “%s” and “%s” both carry a first heading. Keep one of them.', $page->title, $leads[0]->title, $leads[1]->title), Mend::removeSection($leads[1]->id, $leads[1]->title));
            }
        }
    }
}

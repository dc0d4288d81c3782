<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** More sections than anybody scrolls through. */
final readonly class LongPage implements Rule
{
    /** Sections beside header and footer. */
    public const MOST = 9;

    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            $own = array_filter($page->sections(), fn ($section): bool => !($this->catalogue->sectionKinds()[$section->kind]->frame ?? false));
            if (\count($own) > self::MOST) {
                yield new Finding('long-page', Level::Note, [$page->id], \sprintf('“%s” has %d sections. Give some of them to another page.', $page->title, \count($own)));
            }
        }
    }
}

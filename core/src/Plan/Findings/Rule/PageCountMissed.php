<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** The wished number of pages is kept; legal and supporting pages do not count. */
final readonly class PageCountMissed implements Rule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(Plan $plan, Profile $profile): iterable
    {
        $range = $profile->pageRange();
        if (null === $range || $plan->isEmpty()) {
            return;
        }
        $count = \count(array_filter($plan->pages, fn ($page): bool => $this->catalogue->pageKinds()->counts($page->kind)));
        if ($count < $range->min || $count > $range->max) {
            yield new Finding('page-count', Level::Warning, [], \sprintf('The brief wants %s %s; the plan has %d, legal and supporting ones aside. Ask the client, or %s some.', $range, 1 === $range->max ? 'page' : 'pages', $count, $count > $range->max ? 'join' : 'add'));
        }
    }
}

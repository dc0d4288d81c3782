<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** No page at the address of the site itself, or one that is no home page. */
final readonly class HomeMissing implements Rule
{
    public function check(Plan $plan, Profile $profile): iterable
    {
        if ([] !== $plan->pages && [] === array_filter($plan->pages, static fn ($page): bool => 'home' === $page->kind)) {
            yield new Finding('home-missing', Level::Error, [], 'There is no home page. Add one.', Mend::addPage('Home', 'home'));
        }
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Plan;

/** A price list, while no price is known. */
final readonly class PricesMissing implements Rule
{
    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($profile->hasPrices() ? [] : $plan->pages as $page) {
            foreach ($page->sections() as $section) {
                if (\in_array($section->kind, ['price-list', 'price-plans'], true)) {
                    yield new Finding('prices-missing', Level::Note, [$page->id, $section->id], \sprintf('On “%s”, “%s” is to show prices, but the brief gives none. Ask for them before the review.', $page->title, $section->title));
                }
            }
        }
    }
}

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

/** A shop without all that a purchase needs, save what the client refused: cakes that are only fetched need no "Delivery". */
final readonly class ShopIncomplete implements Rule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    private const NEEDS = ['cart', 'checkout', 'thank-you', 'shipping', 'refunds'];

    public function check(Plan $plan, Profile $profile): iterable
    {
        $kinds = array_map(static fn ($page): string => $page->kind, $plan->pages);
        if (!$profile->wants('shop') || !\in_array('products', $kinds, true)) {
            return;
        }
        foreach (array_filter(array_diff(self::NEEDS, $kinds), static fn (string $need): bool => !$profile->refusesPage($need)) as $missing) {
            $kind = $this->catalogue->pageKinds()->get($missing);
            yield new Finding('shop-incomplete', Level::Warning, [], \sprintf('Things are sold, but there is no page “%s”.', $kind->title), Mend::addPage($kind->title, $missing), $missing);
        }
    }
}

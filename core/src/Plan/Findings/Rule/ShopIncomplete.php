<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Profile;
use DunePocket\Brief\Refusal;
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
        $refused = array_map(fn (Fact $fact): ?string => (new Refusal($fact, $profile->brief, $this->catalogue))->page, $profile->brief->of(FactKind::PageRefusal));
        foreach (array_diff(self::NEEDS, $kinds, array_filter($refused)) as $missing) {
            $kind = $this->catalogue->pageKinds()->get($missing);
            yield new Finding('shop-incomplete', Level::Warning, [], \sprintf('Things are sold, but there is no page “%s”.', $kind->title), Mend::addPage($kind->title, $missing), $missing);
        }
    }
}

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

/** A page without an opening or an introduction. */
final readonly class OpeningMissing implements Rule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    private const WITHOUT = ['cart', 'checkout', 'sign-in', 'account', 'search', 'thank-you', 'not-found', 'article', 'product', 'event'];

    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            $kinds = array_map(static fn ($section): string => $section->kind, $page->sections());
            $leads = array_filter($kinds, fn (string $kind): bool => $this->catalogue->sectionKinds()[$kind]->lead ?? false);
            $own = array_filter($kinds, fn (string $kind): bool => !($this->catalogue->sectionKinds()[$kind]->frame ?? false));
            if ([] !== $own && [] === $leads && !\in_array($page->kind, self::WITHOUT, true)) {
                $kind = 'home' === $page->kind ? 'hero' : 'page-intro';
                yield new Finding('opening-missing', Level::Warning, [$page->id], \sprintf('“%s” has no opening. Begin it with one.', $page->title), Mend::addSection($page->id, 'site-header' === ($kinds[0] ?? '') ? 1 : 0, $kind, $this->catalogue->sectionKind($kind)->label));
            }
        }
    }
}

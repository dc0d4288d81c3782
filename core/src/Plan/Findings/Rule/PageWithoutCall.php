<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings\Rule;

use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Findings\Rule;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;

/** Every page that is no legal page leads on to one thing to do. */
final readonly class PageWithoutCall implements Rule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    private const CALLS = ['call-to-action', 'hero', 'contact-form', 'quote-form', 'booking', 'donation', 'newsletter', 'cart', 'checkout', 'product-detail', 'event-detail', 'thank-you', 'error-message', 'sign-in', 'related', 'price-plans', 'jobs', 'product-grid', 'articles'];

    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            $kind = $this->catalogue->pageKinds()->has($page->kind) ? $this->catalogue->pageKinds()->get($page->kind) : null;
            if (null !== $kind && ($kind->legal || $kind->support)) {
                continue;
            }
            if ([] === array_intersect(array_map(static fn ($section): string => $section->kind, $page->sections()), self::CALLS)) {
                yield new Finding('page-without-call', Level::Warning, [$page->id], \sprintf('“%s” leads nowhere. Add a call to action at its end.', $page->title), $this->mend($plan, $page));
            }
        }
    }

    private function mend(Plan $plan, Page $page): Mend
    {
        $end = $page->end();
        foreach ($plan->shared as $shared) {
            if ('call-to-action' === $shared->kind) {
                return Mend::useShared($page->id, $end, $shared->id, $shared->title);
            }
        }

        return Mend::addSection($page->id, $end, 'call-to-action', $this->catalogue->sectionKind('call-to-action')->label);
    }
}

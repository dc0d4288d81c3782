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

/** A page with pages below it and nothing that leads to them. */
final readonly class ListMissing implements Rule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    private const LISTS = ['services-list', 'product-grid', 'articles', 'events', 'related', 'areas', 'locations', 'gallery', 'case-study', 'feature-grid', 'team', 'jobs', 'price-plans', 'download', 'price-list'];

    public function check(Plan $plan, Profile $profile): iterable
    {
        foreach ($plan->pages as $page) {
            $kinds = array_map(static fn ($section): string => $section->kind, $page->sections());
            if ('' !== $page->slug && [] !== $plan->children($page->id) && [] === array_intersect($kinds, self::LISTS)) {
                $index = array_search('call-to-action', $kinds, true);
                yield new Finding('list-missing', Level::Warning, [$page->id], \sprintf('“%s” has pages below it but does not show them.', $page->title), Mend::addSection($page->id, false === $index ? max(0, \count($kinds) - 1) : $index, 'related', $this->catalogue->sectionKind('related')->label));
            }
        }
    }
}

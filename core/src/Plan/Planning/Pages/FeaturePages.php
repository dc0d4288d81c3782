<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Pages;

use DunePocket\Brief\FactKind;
use DunePocket\Catalogue\Feature;
use DunePocket\Language\Typography;
use DunePocket\Plan\Reason;

/** Pages that features need. */
final readonly class FeaturePages implements PageStep
{
    private const WITH_A_PAGE = ['blog', 'shop', 'events', 'jobs', 'donations', 'members-area', 'portfolio', 'downloads'];
    /** These find a place on other pages where the client listed all of them. */
    private const UNLESS_ALL_ARE_LISTED = ['booking', 'pricing'];

    public function plan(PageList $pages): void
    {
        foreach ($pages->profile->brief->of(FactKind::Feature) as $fact) {
            $feature = $pages->catalogue->features()[$fact->value] ?? null;
            if (null !== $feature?->page && $this->needsPage($feature, $pages)) {
                $pages->add($pages->draft($feature->page, new Reason(\sprintf('The brief asks for this: %s.', Typography::low($feature->label)), [$fact->id])));
            }
        }
    }

    private function needsPage(Feature $feature, PageList $pages): bool
    {
        return match (true) {
            'portfolio' === $feature->id && $pages->has('gallery') => false,
            'menu' === $feature->id => 'food and drink' === $pages->profile->kind->family,
            \in_array($feature->id, self::UNLESS_ALL_ARE_LISTED, true) => !$pages->isComplete,
            default => \in_array($feature->id, self::WITH_A_PAGE, true),
        };
    }
}

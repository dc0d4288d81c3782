<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Pages;

use DunePocket\Brief\FactKind;
use DunePocket\Plan\Reason;

/** Fills the site up to the wished number of pages, or to the usual one, with what is usual for the kind of business. */
final readonly class UpToTheNumber implements PageStep
{
    private const USUAL_SIZE = 6;
    private const FILLERS = ['services', 'gallery', 'faq', 'team', 'testimonials', 'location', 'resources'];

    public function plan(PageList $pages): void
    {
        if ($pages->isComplete && null === $pages->range) {
            return;
        }
        $wanted = $pages->range->min ?? min(self::USUAL_SIZE, $pages->count());
        foreach ([...$pages->profile->kind->pages, ...self::FILLERS] as $page) {
            if ($pages->count() >= $wanted) {
                return;
            }
            $leavesContact = 'quote' === $page && $pages->has('contact') && $pages->count() + 1 >= $wanted;
            if (!$leavesContact && !$pages->has($page)) {
                $pages->add($pages->draft($page, new Reason($this->why($pages), $pages->facts(FactKind::PageCount))));
            }
        }
    }

    private function why(PageList $pages): string
    {
        $label = $pages->profile->kind->label;

        return null === $pages->range ? \sprintf('Usual for a %s.', $label) : \sprintf('The brief wants %s pages; this one is usual for a %s.', $pages->range, $label);
    }
}

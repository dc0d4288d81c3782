<?php

declare(strict_types=1);

namespace DunePocket\Inspection\Rule;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Inspection\BetterLayout;
use DunePocket\Inspection\LaidOutPage;
use DunePocket\Inspection\LaidOutSection;
use DunePocket\Inspection\LayoutRule;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Wireframe\Fit\FitReader;
use DunePocket\Wireframe\Viewport;

/** Texts that stand side by side take very different numbers of lines. */
final readonly class UnevenItems implements LayoutRule
{
    public function __construct(private Catalogue $catalogue, private FitReader $fit)
    {
    }

    public function check(LaidOutPage $page): iterable
    {
        foreach ($page->sections as $section) {
            foreach ($this->fit->uneven($section->drawing(Viewport::Desktop)) as $uneven) {
                yield new Finding('uneven-items', Level::Note, [$page->page->id, $section->id], \sprintf($uneven->isTooLong() ? 'In “%s”, item %d takes %d lines beside %d. Shorten it, and the row lines up.' : 'In “%s”, item %d takes %d lines beside %d. Say a little more, and the row lines up.', $section->shown->title, $uneven->item + 1, $uneven->lines, $uneven->others), (new BetterLayout($this->catalogue))->mendDrawn($section, fn (LaidOutSection $other): bool => [] === $this->fit->uneven($other->drawing(Viewport::Desktop)) && \in_array($uneven->slot, $other->choice->traits->slots, true)), $uneven->slot);
            }
        }
    }
}

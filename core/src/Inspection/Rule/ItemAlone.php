<?php

declare(strict_types=1);

namespace DunePocket\Inspection\Rule;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Inspection\BetterLayout;
use DunePocket\Inspection\LaidOutPage;
use DunePocket\Inspection\LayoutRule;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Planning\Layouts\Choice;
use DunePocket\Plan\Planning\Layouts\Copy;
use DunePocket\Plan\Planning\Layouts\Suitability;

/** The last row of a list holds a single item. */
final readonly class ItemAlone implements LayoutRule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(LaidOutPage $page): iterable
    {
        $suitability = new Suitability();
        foreach ($page->sections as $section) {
            $copy = Copy::of($section->shown);
            if ($suitability->leavesOneAlone($section->choice, $copy)) {
                yield new Finding('item-alone', Level::Note, [$page->page->id, $section->id], \sprintf('In “%s”, the last of %d items stands alone in its row.', $section->shown->title, $copy->items), (new BetterLayout($this->catalogue))->mend($section, static fn (Choice $choice): bool => !$suitability->leavesOneAlone($choice, $copy)));
            }
        }
    }
}

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

/** There are fewer items than the layout suits. */
final readonly class TooFewItems implements LayoutRule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(LaidOutPage $page): iterable
    {
        foreach ($page->sections as $section) {
            $items = Copy::of($section->shown)->items;
            [$fewest, $most] = $section->choice->layout->items ?? [0, \PHP_INT_MAX];
            if ($items > 0 && $items < $fewest) {
                yield new Finding('too-few-items', Level::Note, [$page->page->id, $section->id], \sprintf('“%s” has %d items; its layout is made for no fewer than %d.', $section->shown->title, $items, $fewest), (new BetterLayout($this->catalogue))->mend($section, static fn (Choice $choice): bool => $choice->layout->suits($items)));
            }
        }
    }
}

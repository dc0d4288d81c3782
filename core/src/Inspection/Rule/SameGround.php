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
use DunePocket\Plan\Planning\Layouts\Suitability;

/** Two neighbours stand on the same coloured ground. */
final readonly class SameGround implements LayoutRule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(LaidOutPage $page): iterable
    {
        $suitability = new Suitability();
        foreach ($page->neighbours() as [$above, $below]) {
            if ($suitability->runTogether($above->choice, $below->choice)) {
                yield new Finding('same-ground', Level::Note, [$page->page->id, $below->id], \sprintf('“%s” and “%s” above it stand on the same ground and look like one section.', $below->shown->title, $above->shown->title), (new BetterLayout($this->catalogue))->mend($below, static fn (Choice $choice): bool => 'paper' === $choice->layout->fill));
            }
        }
    }
}

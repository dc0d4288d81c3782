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

/** Two neighbours are laid out alike. */
final readonly class SameLayout implements LayoutRule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(LaidOutPage $page): iterable
    {
        $suitability = new Suitability();
        foreach ($page->neighbours() as [$above, $below]) {
            if ($above->shown->layout === $below->shown->layout || $suitability->areAlike($above->choice, $below->choice)) {
                yield new Finding('same-layout', Level::Note, [$page->page->id, $below->id], \sprintf('“%s” is built like “%s” above it.', $below->shown->title, $above->shown->title), (new BetterLayout($this->catalogue))->mend($below, static fn (Choice $choice): bool => !$suitability->areAlike($above->choice, $choice) && 0.0 === $suitability->beside($above->choice, $choice)));
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Inspection\Rule;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Inspection\BetterLayout;
use DunePocket\Inspection\LaidOutPage;
use DunePocket\Inspection\LayoutRule;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;

/** A section fills the whole screen that does not open the page. */
final readonly class WholeScreenLate implements LayoutRule
{
    private const ABOVE = ['site-header', 'announcement', 'breadcrumb'];

    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(LaidOutPage $page): iterable
    {
        $own = array_values(array_filter($page->sections, static fn ($section): bool => !\in_array($section->shown->kind, self::ABOVE, true)));
        foreach (\array_slice($own, 1) as $section) {
            if ($section->isWholeScreen()) {
                yield new Finding('whole-screen-late', Level::Note, [$page->page->id, $section->id], \sprintf('“%s” fills the whole screen in the middle of the page; what follows is easily missed.', $section->shown->title), (new BetterLayout($this->catalogue))->mendWholeScreen($section));
            }
        }
    }
}

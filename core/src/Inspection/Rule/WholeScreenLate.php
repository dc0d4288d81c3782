<?php

declare(strict_types=1);

namespace DunePocket\Inspection\Rule;

use DunePocket\Inspection\LaidOutPage;
use DunePocket\Inspection\LayoutRule;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;

/** A section fills the whole screen that does not open the page. */
final readonly class WholeScreenLate implements LayoutRule
{
    private const ABOVE = ['site-header', 'announcement', 'breadcrumb'];

    public function check(LaidOutPage $page): iterable
    {
        $own = array_values(array_filter($page->sections, static fn ($section): bool => !\in_array($section->shown->kind, self::ABOVE, true)));
        foreach (\array_slice($own, 1) as $section) {
            if ($section->isWholeScreen()) {
                yield new Finding('whole-screen-late', Level::Note, [$page->page->id, $section->id], \sprintf('“%s” fills the whole screen in the middle of the page; what follows is easily missed.', $section->shown->title), $section->shown->look->full ? Mend::look($section->edited(), ['full' => false], 'As high as its content') : null);
            }
        }
    }
}

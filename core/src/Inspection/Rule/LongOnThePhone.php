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
use DunePocket\Wireframe\Viewport;

/** On a phone the page is longer than about twelve screens. */
final readonly class LongOnThePhone implements LayoutRule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    private const MOST = 12;

    public function check(LaidOutPage $page): iterable
    {
        $screens = $page->screens(Viewport::Phone);
        if ($screens <= self::MOST || [] === $page->sections) {
            return;
        }
        $longest = $page->sections[0];
        foreach ($page->sections as $section) {
            $longest = $section->drawing(Viewport::Phone)->height > $longest->drawing(Viewport::Phone)->height ? $section : $longest;
        }
        yield new Finding('long-on-the-phone', Level::Warning, [$page->page->id, $longest->id], \sprintf('On a phone “%s” is %s screens long; most of it is “%s”.', $page->page->title, number_format($screens, 1), $longest->shown->title), (new BetterLayout($this->catalogue))->mendDrawn($longest, static fn (LaidOutSection $other): bool => $page->height(Viewport::Phone) - $longest->drawing(Viewport::Phone)->height + $other->drawing(Viewport::Phone)->height <= self::MOST * Viewport::Phone->fold()));
    }
}

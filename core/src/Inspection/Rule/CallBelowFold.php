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
use DunePocket\Plan\Findings\Mend;
use DunePocket\Wireframe\Viewport;

/** A page that opens to sell shows nothing to do on the first screen. */
final readonly class CallBelowFold implements LayoutRule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    private const OPENINGS = ['hero', 'event-detail', 'product-detail'];

    public function check(LaidOutPage $page): iterable
    {
        $opening = array_values(array_filter($page->sections, static fn ($section): bool => \in_array($section->shown->kind, self::OPENINGS, true)))[0] ?? null;
        if (null === $opening) {
            return;
        }
        $top = $above = 0.0;
        foreach ($page->sections as $section) {
            if ('site-header' !== $section->shown->kind && self::showsButton($section, $top)) {
                return;
            }
            $above = $section === $opening ? $top : $above;
            $top += $section->drawing(Viewport::Desktop)->height;
        }
        $hidden = $opening->shown->look->hides('button');
        yield new Finding('call-below-fold', Level::Warning, [$page->page->id, $opening->id], \sprintf('On the first screen of “%s” there is nothing to do: no button stands above the fold.', $page->page->title), $hidden ? Mend::showSlot($opening->edited(), 'button', 'Show the button') : (new BetterLayout($this->catalogue))->mendDrawn($opening, static fn (LaidOutSection $other): bool => self::showsButton($other, $above)));
    }

    private static function showsButton(LaidOutSection $section, float $top): bool
    {
        foreach ($section->drawing(Viewport::Desktop)->slots as $slot) {
            if (str_starts_with($slot->slot, 'button') && $top + $slot->y + $slot->height <= Viewport::Desktop->fold()) {
                return true;
            }
        }

        return false;
    }
}

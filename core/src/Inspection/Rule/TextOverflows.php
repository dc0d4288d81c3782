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
use DunePocket\Wireframe\Fit\FitReader;
use DunePocket\Wireframe\Fit\SlotFit;

/** A text takes more lines than its slot holds well. */
final readonly class TextOverflows implements LayoutRule
{
    public function __construct(private Catalogue $catalogue, private FitReader $fit)
    {
    }

    public function check(LaidOutPage $page): iterable
    {
        foreach ($page->sections as $section) {
            foreach ($this->fit->of($section->drawings()) as $fit) {
                foreach ($fit->widths as $width => $text) {
                    if ($text->overflows()) {
                        yield new Finding('text-overflows', Level::Warning, [$page->page->id, $section->id], \sprintf('The %s%s of “%s” takes %d lines on the %s; %d are good. Shorten it by about %d characters.', $this->catalogue->slotKind($fit->slot)->label, null === $fit->item ? '' : ' '.($fit->item + 1), $section->shown->title, $text->lines, $width, $text->holds, max(1, -$text->room)), $this->mend($section, $fit->slot), $fit->slot.($fit->item ?? ''));
                        break;
                    }
                }
            }
        }
    }

    /** A layout that gives all texts of the slot room enough. */
    private function mend(LaidOutSection $section, string $slot): ?Mend
    {
        return (new BetterLayout($this->catalogue))->mendDrawn($section, function (LaidOutSection $other) use ($slot): bool {
            $fits = array_filter($this->fit->of($other->drawings()), static fn (SlotFit $fit): bool => $fit->slot === $slot);

            return [] !== $fits && [] === array_filter($fits, static fn (SlotFit $fit): bool => $fit->overflows());
        });
    }
}

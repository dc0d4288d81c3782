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

/** A layout made for a picture has none. */
final readonly class PictureMissing implements LayoutRule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(LaidOutPage $page): iterable
    {
        foreach ($page->sections as $section) {
            $copy = Copy::of($section->shown);
            $hides = $section->shown->look->hides('picture');
            if ($section->choice->traits->pictured && ($hides || (!$copy->has('picture') && !$copy->has('video') && !$copy->has('map')))) {
                yield new Finding('picture-missing', Level::Note, [$page->page->id, $section->id], \sprintf('The layout of “%s” is made for a picture, and there is none.', $section->shown->title), (new BetterLayout($this->catalogue))->mend($section, static fn (Choice $choice): bool => !$choice->traits->pictured));
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Inspection\Rule;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Inspection\BetterLayout;
use DunePocket\Inspection\LaidOutPage;
use DunePocket\Inspection\LayoutRule;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;

/** More than one section fills a whole screen. */
final readonly class WholeScreenTwice implements LayoutRule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    public function check(LaidOutPage $page): iterable
    {
        $before = null;
        foreach ($page->sections as $section) {
            if (!$section->isWholeScreen()) {
                continue;
            }
            if (null !== $before) {
                yield new Finding('whole-screen-twice', Level::Warning, [$page->page->id, $section->id], \sprintf('“%s” fills the whole screen, and so does “%s”.', $section->shown->title, $before->shown->title), (new BetterLayout($this->catalogue))->mendWholeScreen($section));
            }
            $before = $section;
        }
    }
}

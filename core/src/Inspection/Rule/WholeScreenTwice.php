<?php

declare(strict_types=1);

namespace DunePocket\Inspection\Rule;

use DunePocket\Inspection\LaidOutPage;
use DunePocket\Inspection\LayoutRule;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;

/** More than one section fills a whole screen. */
final readonly class WholeScreenTwice implements LayoutRule
{
    public function check(LaidOutPage $page): iterable
    {
        $before = null;
        foreach ($page->sections as $section) {
            if (!$section->isWholeScreen()) {
                continue;
            }
            if (null !== $before) {
                yield new Finding('whole-screen-twice', Level::Warning, [$page->page->id, $section->id], \sprintf('“%s” fills the whole screen, and so does “%s”.', $section->shown->title, $before->shown->title), $section->shown->look->full ? Mend::look($section->edited(), ['full' => false], 'As high as its content') : null);
            }
            $before = $section;
        }
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Inspection\Rule;

use DunePocket\Inspection\LaidOutPage;
use DunePocket\Inspection\LayoutRule;
use DunePocket\Plan\CopyRole;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;

/** Nobody knows what a picture is to show. */
final readonly class PictureWithoutNote implements LayoutRule
{
    public function check(LaidOutPage $page): iterable
    {
        foreach ($page->sections as $section) {
            foreach ($section->shown->copy as $line) {
                if (CopyRole::Alt === $line->role && 1 === preg_match('/^(?:Needed: ?)?(?:a |the )?(?:pictures?|photos?|images?)?\.?$/i', trim($line->text))) {
                    yield new Finding('picture-without-note', Level::Note, [$page->page->id, $section->id], \sprintf('A picture in “%s” does not say what it is to show.', $section->shown->title), null, $line->slot.($line->item ?? ''));
                    break;
                }
            }
        }
    }
}

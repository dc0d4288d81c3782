<?php

declare(strict_types=1);

namespace DunePocket\Inspection\Rule;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Inspection\BetterLayout;
use DunePocket\Inspection\LaidOutPage;
use DunePocket\Inspection\LayoutRule;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Planning\Layouts\Choice;
use DunePocket\Wireframe\Viewport;

/** A long text is centred. */
final readonly class LongCentredText implements LayoutRule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    private const MOST = 4;

    public function check(LaidOutPage $page): iterable
    {
        foreach ($page->sections as $section) {
            foreach ($section->drawing(Viewport::Desktop)->slots as $slot) {
                if ('center' === $slot->align && \in_array($slot->slot, ['text', 'text-2', 'item-text'], true) && $slot->lines > self::MOST) {
                    $mend = 'center' === $section->shown->look->align ? Mend::look($section->edited(), ['align' => 'start'], 'Begin at the start') : (new BetterLayout($this->catalogue))->mend($section, static fn (Choice $choice): bool => !$choice->traits->centred);
                    yield new Finding('long-centred-text', Level::Note, [$page->page->id, $section->id], \sprintf('A text of %d lines in “%s” is centred; the eye loses its beginning.', $slot->lines, $section->shown->title), $mend, $slot->slot.($slot->item ?? ''));
                    break;
                }
            }
        }
    }
}

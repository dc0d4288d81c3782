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

/** Three heavy sections follow each other. */
final readonly class HeavyInARow implements LayoutRule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    private const MOST = 2;

    public function check(LaidOutPage $page): iterable
    {
        $row = 0;
        foreach ($page->sections as $section) {
            $row = 'heavy' === $section->choice->layout->weight ? $row + 1 : 0;
            if ($row > self::MOST) {
                yield new Finding('heavy-in-a-row', Level::Note, [$page->page->id, $section->id], \sprintf('“%s” is the third heavy section in a row. A quiet one would let the eye rest.', $section->shown->title), (new BetterLayout($this->catalogue))->mend($section, static fn (Choice $choice): bool => 'heavy' !== $choice->layout->weight));
                $row = 0;
            }
        }
    }
}

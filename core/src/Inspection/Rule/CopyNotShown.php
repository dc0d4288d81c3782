<?php

declare(strict_types=1);

namespace DunePocket\Inspection\Rule;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Inspection\BetterLayout;
use DunePocket\Inspection\LaidOutPage;
use DunePocket\Inspection\LayoutRule;
use DunePocket\Language\Typography;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Level;
use DunePocket\Plan\Planning\Layouts\Choice;
use DunePocket\Plan\Planning\Layouts\Copy;

/** A layout has no place for copy that matters. */
final readonly class CopyNotShown implements LayoutRule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    private const MATTERS = ['text', 'button', 'price', 'item-text', 'quote', 'field', 'hours', 'address'];

    public function check(LaidOutPage $page): iterable
    {
        foreach ($page->sections as $section) {
            $copy = Copy::of($section->shown);
            $missing = array_values(array_diff(array_intersect($copy->slots, self::MATTERS), $section->choice->traits->slots, $section->shown->look->hidden));
            if ([] !== $missing) {
                $names = array_map(fn (string $slot): string => $this->catalogue->slotKind($slot)->label, $missing);
                yield new Finding('copy-not-shown', Level::Warning, [$page->page->id, $section->id], \sprintf('The layout of “%s” has no place for the %s.', $section->shown->title, Typography::list($names)), (new BetterLayout($this->catalogue))->mend($section, static fn (Choice $choice): bool => [] === array_diff($missing, $choice->traits->slots)));
            }
        }
    }
}

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

/** More than two dark sections on a page. */
final readonly class DarkTooOften implements LayoutRule
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    private const MOST = 2;

    public function check(LaidOutPage $page): iterable
    {
        $dark = array_values(array_filter($page->sections, static fn ($section): bool => 'dark' === $section->choice->layout->fill));
        foreach (\array_slice($dark, self::MOST) as $section) {
            yield new Finding('dark-too-often', Level::Note, [$page->page->id, $section->id], \sprintf('“%s” is the third dark section of this page; dark stops standing out.', $section->shown->title), (new BetterLayout($this->catalogue))->mend($section, static fn (Choice $choice): bool => 'dark' !== $choice->layout->fill));
        }
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Inspection;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Findings\Mend;
use DunePocket\Plan\Planning\Layouts\Choice;
use DunePocket\Plan\Planning\Layouts\Copy;
use DunePocket\Plan\Planning\Layouts\Suitability;
use DunePocket\Plan\Planning\Layouts\Traits;

/** The first layout of the same kind of section that does not have a fault. */
final readonly class BetterLayout
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @param \Closure(Choice): bool $isSound of another layout for the section */
    public function mend(LaidOutSection $section, \Closure $isSound): ?Mend
    {
        foreach ($this->others($section) as $choice) {
            if ($isSound($choice)) {
                return Mend::layout($section->edited(), $choice->layout->id, $choice->layout->label);
            }
        }

        return null;
    }

    /** @param \Closure(LaidOutSection): bool $isSound of the section in another layout */
    public function mendDrawn(LaidOutSection $section, \Closure $isSound): ?Mend
    {
        return $this->mend($section, static fn (Choice $choice): bool => $isSound($section->in($choice)));
    }

    /** No longer a whole screen high: by its setting, or else by another layout. */
    public function mendWholeScreen(LaidOutSection $section): ?Mend
    {
        return $section->choice->layout->full
            ? $this->mend($section, static fn (Choice $choice): bool => !$choice->layout->full)
            : Mend::look($section->edited(), ['full' => false], 'As high as its content');
    }

    /** @return list<Choice> the other layouts of its kind, those that suit it best first */
    private function others(LaidOutSection $section): array
    {
        $copy = Copy::of($section->shown);
        $suitability = new Suitability();
        $ranked = [];
        foreach ($this->catalogue->layoutsFor($section->shown->kind) as $layout) {
            if ($layout->id !== $section->shown->layout) {
                $choice = new Choice($layout, $section->shown->look->flipped, Traits::of($layout));
                $ranked[] = [$choice, $suitability->alone($choice, $copy, '', '')];
            }
        }
        usort($ranked, static fn (array $a, array $b): int => $b[1] <=> $a[1]);

        return array_column($ranked, 0);
    }
}

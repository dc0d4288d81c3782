<?php

declare(strict_types=1);

namespace DunePocket\Inspection;

use DunePocket\Plan\CopyStatus;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Planning\Layouts\LayoutChooser;
use DunePocket\Plan\Section;
use DunePocket\Wireframe\Draughtsman;
use DunePocket\Wireframe\Fit\FitReader;
use DunePocket\Wireframe\Fit\SlotFit;
use DunePocket\Wireframe\Viewport;

/** A page with all its sections laid out. */
final readonly class LaidOutPage
{
    /** @param list<LaidOutSection> $sections */
    private function __construct(public Page $page, public array $sections)
    {
    }

    public static function of(Plan $plan, Page $page, LayoutChooser $chooser, Draughtsman $draughtsman): self
    {
        return new self($page, array_map(static function (Section $section) use ($plan, $chooser, $draughtsman): LaidOutSection {
            $shown = $plan->resolve($section);

            return new LaidOutSection($section->id, $shown, $chooser->present($shown), $draughtsman);
        }, $page->sections()));
    }

    /** @return list<array{LaidOutSection, LaidOutSection}> each section with the one above it first */
    public function neighbours(): array
    {
        return array_map(static fn (LaidOutSection $above, LaidOutSection $below): array => [$above, $below], \array_slice($this->sections, 0, -1), \array_slice($this->sections, 1));
    }

    /** Its height at a width, in pixels. */
    public function height(Viewport $viewport): float
    {
        return array_sum(array_map(static fn (LaidOutSection $section): float => $section->drawing($viewport)->height, $this->sections));
    }

    /** How many words it says; what is still to be supplied says nothing. */
    public function words(): int
    {
        $words = 0;
        foreach ($this->sections as $section) {
            foreach ($section->shown->copy as $line) {
                $words += CopyStatus::ToSupply === $line->status ? 0 : (int) preg_match_all('/[\p{L}\p{N}]+(?:[\'’-][\p{L}\p{N}]+)*/u', $line->text);
            }
        }

        return $words;
    }

    /** How many of its texts fit at every width, in percent; 100 without texts. */
    public function fits(FitReader $fit): int
    {
        $fits = array_merge(...array_map(static fn (LaidOutSection $section): array => $fit->of($section->drawings()), $this->sections));
        $fitting = array_filter($fits, static fn (SlotFit $one): bool => !$one->overflows());

        return [] === $fits ? 100 : (int) floor(100 * \count($fitting) / \count($fits));
    }

    /** Its height at a width, in first screens. */
    public function screens(Viewport $viewport): float
    {
        return $this->height($viewport) / $viewport->fold();
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Inspection;

use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Planning\Layouts\LayoutChooser;
use DunePocket\Plan\Section;
use DunePocket\Wireframe\Draughtsman;
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

    /** Its height at a width, in first screens. */
    public function screens(Viewport $viewport): float
    {
        return $this->height($viewport) / $viewport->fold();
    }
}

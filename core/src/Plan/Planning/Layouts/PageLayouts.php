<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Layouts;

use DunePocket\Plan\Section;

/** Chooses the layouts of pages that show shared sections: those count as neighbours and keep their own. */
final readonly class PageLayouts
{
    /** @param list<Section> $shared */
    public function __construct(private LayoutChooser $chooser, private array $shared)
    {
    }

    /**
     * @param list<Section> $sections as they stand on the page; those with a layout keep it
     * @param list<Section> $sibling  sections of a page these should be like
     *
     * @return list<Section> all with a layout
     */
    public function choose(array $sections, string $pageKind, int $turn = 0, array $sibling = []): array
    {
        $shown = array_map($this->shown(...), $sections);
        $chosen = $this->chooser->page($shown, $pageKind, $turn, array_column(array_map(static fn (Section $section): array => [$section->kind, $section], $sibling), 1, 0));

        return array_map(static fn (Section $section, Section $laidOut): Section => null === $section->shared ? $laidOut : $section, $sections, $chosen);
    }

    private function shown(Section $section): Section
    {
        foreach (null === $section->shared ? [] : $this->shared as $shared) {
            if ($shared->id === $section->shared) {
                return $shared;
            }
        }

        return $section;
    }
}

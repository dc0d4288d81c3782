<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Catalogue\Layout;
use DunePocket\Plan\Section;

/**
 * Chooses layouts so that a page has rhythm: neighbouring pictures on different sides, no two filled sections
 * in a row, layouts that suit the number of items, heavy sections apart.
 */
final readonly class LayoutChooser
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param ?Layout $before the layout of the section above
     * @param int     $turn   turns the choice among equally good ones
     */
    public function choose(Section $section, ?Layout $before, int $turn): string
    {
        $items = \count(array_unique(array_filter(array_map(static fn ($line): ?int => $line->item, $section->copy), static fn (?int $item): bool => null !== $item)));
        $best = null;
        $bestScore = -\INF;
        $layouts = $this->catalogue->layoutsFor($section->kind);
        foreach ($layouts as $order => $layout) {
            $score = 0.0;
            $sided = \in_array($layout->media, ['start', 'end'], true);
            $score -= $sided && $before?->media === $layout->media ? 4 : 0;
            $score -= 'paper' !== $layout->fill && null !== $before && 'paper' !== $before->fill ? 3 : 0;
            $score -= 'heavy' === $layout->weight && 'heavy' === $before?->weight ? 1.5 : 0;
            if (null !== $layout->items && $items > 0) {
                $score -= $items < $layout->items[0] || $items > $layout->items[1] ? 5 : 0;
            }
            $score -= (($order + \count($layouts) - $turn % \count($layouts)) % \count($layouts)) * 0.4;
            if ($score > $bestScore) {
                $bestScore = $score;
                $best = $layout->id;
            }
        }

        return $best ?? $section->kind.'.plain';
    }
}

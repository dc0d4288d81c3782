<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

/** A page on a board: its sections as drawn at several widths. */
final readonly class BoardPage
{
    /** @param array<string, list<array{string, Drawing}>> $widths name and drawing of each section, by desktop, tablet and phone */
    public function __construct(public string $id, public string $title, public string $path, public array $widths)
    {
    }

    /** @return float the height of its highest width, in pixels */
    public function height(): float
    {
        return max([0.0, ...array_map(static fn (array $sections): float => array_sum(array_map(static fn (array $section): float => $section[1]->height, $sections)), $this->widths)]);
    }
}

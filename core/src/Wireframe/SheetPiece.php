<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

/** A drawing, or the part of one between two heights, in a column of a sheet. All in pixels of the drawing. */
final readonly class SheetPiece
{
    /**
     * @param int   $column counted from 0 over all sheets
     * @param float $top    from the top of the column
     * @param float $from   where the part begins in its drawing
     */
    public function __construct(
        public Drawing $drawing,
        public int $column,
        public float $top,
        public float $from,
        public float $height,
    ) {
    }
}

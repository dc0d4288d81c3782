<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

/** Lets drawings flow through columns: whole where they fit, and else parted where no text or picture is cut. */
final readonly class SheetColumns
{
    /** @param float $height of a column, in pixels of the drawings */
    public function __construct(private float $height)
    {
    }

    /**
     * @param list<Drawing> $drawings
     *
     * @return list<SheetPiece>
     */
    public function flow(array $drawings): array
    {
        $pieces = [];
        [$column, $top] = [0, 0.0];
        foreach ($drawings as $drawing) {
            if ($top > 0 && $top + $drawing->height > $this->height) {
                [$column, $top] = [$column + 1, 0.0];
            }
            $from = 0.0;
            while ($drawing->height - $from > $this->height) {
                $cut = self::cut($drawing, $from, $from + $this->height);
                $pieces[] = new SheetPiece($drawing, $column++, 0.0, $from, $cut - $from);
                $from = $cut;
            }
            $pieces[] = new SheetPiece($drawing, $column, $top, $from, $drawing->height - $from);
            $top += $drawing->height - $from;
        }

        return $pieces;
    }

    /** The lowest height down to $limit that goes through no line of text and no picture; $limit if there is none. */
    private static function cut(Drawing $drawing, float $from, float $limit): float
    {
        $cut = $limit;
        do {
            $before = $cut;
            foreach ($drawing->shapes as $shape) {
                [$top, $bottom] = match (true) {
                    $shape instanceof TextRun => [$shape->y - $shape->size, $shape->y + $shape->size * 0.35],
                    $shape instanceof Media => [$shape->y, $shape->y + $shape->height],
                    default => [0.0, 0.0],
                };
                if ($top < $cut && $bottom > $cut && $top > $from) {
                    $cut = $top;
                }
            }
        } while ($cut < $before);

        return $cut > $from ? $cut : $limit;
    }
}

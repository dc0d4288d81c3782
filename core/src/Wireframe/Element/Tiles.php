<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Element;

/**
 * Items in columns, row by row.
 */
final readonly class Tiles implements Element
{
    /**
     * @param list<Stack>          $items
     * @param array{int, int, int} $columns at desktop, tablet and phone, at most
     * @param list<int>            $pattern how many stand in the first row, the second and so on, then anew; empty when rows are alike; it holds down to the tablet
     * @param int                  $gap     in pixels
     * @param ?string              $rail    width at and below which they stand in one row that scrolls sideways
     */
    public function __construct(
        public array $items,
        public array $columns,
        public array $pattern,
        public int $gap,
        public Dress $dress,
        public ?string $rail = null,
    ) {
    }

    /** Gap between the parts of an item, in pixels. */
    public function inside(): int
    {
        return Dress::Frame === $this->dress ? 12 : 10;
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Element;

/**
 * Side by side; one under the other at and below a width.
 */
final readonly class Columns implements Element
{
    /**
     * @param list<?Element> $children in reading order; null for an empty cell
     * @param list<?int>     $tracks   share of the width of each column from start to end; null: as wide as its content
     * @param int            $gap      in pixels
     * @param Align          $across   where a lower column stands in the height of the highest
     * @param ?string        $fold     tablet or phone
     * @param list<int>      $order    the column of each child, when they stand side by side
     */
    public function __construct(
        public array $children,
        public array $tracks,
        public int $gap,
        public Align $across,
        public ?string $fold,
        public array $order,
    ) {
    }
}

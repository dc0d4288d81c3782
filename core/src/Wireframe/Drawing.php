<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

/** A section at a width, as shapes and slots. */
final readonly class Drawing
{
    /**
     * @param list<Shape>   $shapes in painting order
     * @param list<SlotBox> $slots
     */
    public function __construct(
        public int $width,
        public float $height,
        public array $shapes,
        public array $slots,
    ) {
    }
}

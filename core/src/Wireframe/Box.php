<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

final readonly class Box implements Shape
{
    /** @param string $style ground-sand, ground-dark, panel-paper, panel-sand, panel-dark, panel-none, frame, button, button-quiet, field, rule, stroke, supply, logo, mark or mark-full; button and stroke with -on-dark */
    public function __construct(
        public string $style,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
    ) {
    }

    public function left(): float
    {
        return $this->x;
    }

    public function moved(float $dx, float $dy): static
    {
        return new self($this->style, $this->x + $dx, $this->y + $dy, $this->width, $this->height);
    }
}

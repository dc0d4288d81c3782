<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

/** A picture (two dune lines in a frame), a video (the same with a triangle), a map or a frame for another service. */
final readonly class Media implements Shape
{
    /** @param string $kind picture, video, map or frame */
    public function __construct(
        public string $kind,
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
        return new self($this->kind, $this->x + $dx, $this->y + $dy, $this->width, $this->height);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

/** One line of text; y is its baseline. */
final readonly class TextRun implements Shape
{
    public function __construct(
        public string $text,
        public float $x,
        public float $y,
        public float $width,
        public int $size,
        public int $weight,
        public string $colour,
        public bool $underlined = false,
    ) {
    }

    public function left(): float
    {
        return $this->x;
    }

    public function moved(float $dx, float $dy): static
    {
        return new self($this->text, $this->x + $dx, $this->y + $dy, $this->width, $this->size, $this->weight, $this->colour, $this->underlined);
    }
}

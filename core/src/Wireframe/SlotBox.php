<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

/** Where the text of a slot stands, and how it is set: what an editor laid over the drawing needs. */
final readonly class SlotBox implements Shape
{
    /**
     * @param int   $lines    its text takes
     * @param bool  $media    a picture, not a text
     * @param float $lastLine width of the last line, in pixels
     * @param ?int  $holds    lines its place is made for on the desktop, when the layout says so
     */
    public function __construct(
        public string $slot,
        public ?int $item,
        public string $role,
        public string $status,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public TextStyle $style,
        public int $lines,
        public string $align,
        public bool $media,
        public float $lastLine = 0.0,
        public ?int $holds = null,
    ) {
    }

    public function left(): float
    {
        return $this->x;
    }

    public function moved(float $dx, float $dy): static
    {
        return new self($this->slot, $this->item, $this->role, $this->status, $this->x + $dx, $this->y + $dy, $this->width, $this->height, $this->style, $this->lines, $this->align, $this->media, $this->lastLine, $this->holds);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'slot' => $this->slot,
            'item' => $this->item,
            'role' => $this->role,
            'status' => $this->status,
            'x' => round($this->x, 1),
            'y' => round($this->y, 1),
            'width' => round($this->width, 1),
            'height' => round($this->height, 1),
            'size' => $this->style->size,
            'weight' => $this->style->weight,
            'lineHeight' => $this->style->lineHeight,
            'lines' => $this->lines,
            'align' => $this->align,
            'media' => $this->media,
        ];
    }
}

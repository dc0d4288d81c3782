<?php

declare(strict_types=1);

namespace DunePocket\Sitemap;

use DunePocket\Plan\Navigation;

/** A page in the diagram: where it stands, what it says, and what kind of page it is. */
final readonly class PageBox
{
    public const WIDTH = 156.0;
    public const HEIGHT = 46.0;

    /** @param list<string> $lines of the title, two at most */
    public function __construct(
        public string $page,
        public float $x,
        public float $y,
        public float $width,
        public array $lines,
        public string $path,
        public bool $repeats,
        public bool $supports,
        public Navigation $navigation,
    ) {
    }

    public function moved(float $x, float $y): self
    {
        return new self($this->page, $this->x + $x, $this->y + $y, $this->width, $this->lines, $this->path, $this->repeats, $this->supports, $this->navigation);
    }
}

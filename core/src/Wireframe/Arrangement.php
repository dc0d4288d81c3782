<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

use DunePocket\Wireframe\Element\Element;

/** A section whose copy has taken its places in a layout, before any width is known. */
final readonly class Arrangement
{
    /**
     * @param string               $fill    paper, sand or dark
     * @param array{int, int, int} $padding above and below, at desktop, tablet and phone, in pixels
     * @param int                  $max     width of the content at most, in pixels
     * @param ?string              $rule    top or bottom
     * @param bool                 $full    at least as high as the first screen
     * @param ?Element             $content null when the section holds no copy that the layout shows
     */
    public function __construct(
        public string $fill,
        public array $padding,
        public int $max,
        public ?string $rule,
        public bool $full,
        public ?Element $content,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Element;

/**
 * One under the other.
 */
final readonly class Stack implements Element
{
    /**
     * @param list<Element> $children
     * @param int           $gap      in pixels
     * @param ?int          $width    at most, in pixels
     */
    public function __construct(
        public array $children,
        public int $gap,
        public Align $align,
        public ?int $width = null,
    ) {
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Element;

/**
 * One after the other, on the next line when there is no room.
 */
final readonly class Wrap implements Element
{
    /**
     * @param list<Element> $children
     * @param int           $gap      in pixels, along the line
     * @param ?string       $hide     width at and below which a menu sign stands in its place
     */
    public function __construct(
        public array $children,
        public int $gap,
        public Align $align,
        public ?string $hide = null,
        public bool $onDark = false,
    ) {
    }
}

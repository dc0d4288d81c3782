<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Element;

/**
 * A filled or framed box.
 */
final readonly class Panel implements Element
{
    /**
     * @param string $fill    paper, sand, dark or none
     * @param int    $padding in pixels
     */
    public function __construct(
        public Stack $content,
        public string $fill,
        public int $padding,
    ) {
    }
}

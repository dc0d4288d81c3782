<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Element;

use DunePocket\Plan\CopyLine;

/** A small round sign: an icon, a badge, a number. */
final readonly class Mark implements Element
{
    /**
     * @param string $kind icon, badge or number
     * @param int    $size in pixels
     */
    public function __construct(
        public CopyLine $line,
        public string $kind,
        public int $size,
        public Align $align,
    ) {
    }
}

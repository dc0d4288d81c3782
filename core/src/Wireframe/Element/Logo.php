<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Element;

use DunePocket\Plan\CopyLine;

/** The place of a logo. */
final readonly class Logo implements Element
{
    public function __construct(
        public CopyLine $line,
        public Align $align,
    ) {
    }
}

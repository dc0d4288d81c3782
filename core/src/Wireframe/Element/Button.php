<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Element;

use DunePocket\Plan\CopyLine;

/** A button that leads somewhere or sends what was filled in. */
final readonly class Button implements Element
{
    public function __construct(
        public CopyLine $line,
        public bool $quiet,
        public bool $wide,
        public Align $align,
        public bool $onDark,
    ) {
    }
}

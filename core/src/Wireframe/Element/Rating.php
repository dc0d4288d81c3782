<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Element;

use DunePocket\Plan\CopyLine;

/** So many of five, as small signs in a row. */
final readonly class Rating implements Element
{
    public function __construct(public CopyLine $line, public Align $align)
    {
    }

    /** How many of the five are filled; none while the number is not known. */
    public function filled(): int
    {
        return 1 === preg_match('/[0-5]/', $this->line->text, $m) ? (int) $m[0] : 0;
    }
}

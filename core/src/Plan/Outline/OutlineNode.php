<?php

declare(strict_types=1);

namespace DunePocket\Plan\Outline;

/** One line of an outline: a page, how deep it stands, and what is said of it. */
final readonly class OutlineNode
{
    /** @param int $depth 0 for the first level */
    public function __construct(public string $title, public int $depth, public string $note = '')
    {
    }
}

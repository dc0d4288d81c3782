<?php

declare(strict_types=1);

namespace DunePocket\Brief\Voice;

/** How somebody writes, and which tones that comes to. */
final readonly class Manner
{
    /**
     * @param string       $summary the figures in words
     * @param list<string> $tones   at most two, the more telling first; none when the figures say nothing
     */
    public function __construct(public string $summary, public array $tones)
    {
    }
}

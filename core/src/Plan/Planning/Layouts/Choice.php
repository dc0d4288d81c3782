<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Layouts;

use DunePocket\Catalogue\Layout;
use DunePocket\Plan\Look;

/** A layout, and which side its picture is on. */
final readonly class Choice
{
    public function __construct(public Layout $layout, public bool $flipped, public Traits $traits)
    {
    }

    /** Where the picture stands: start, end, above, below, over, items, none. */
    public function side(): string
    {
        return self::sideOf($this->layout, $this->flipped);
    }

    public static function sideOf(Layout $layout, bool $flipped): string
    {
        return match (true) {
            $flipped && 'start' === $layout->media => 'end',
            $flipped && 'end' === $layout->media => 'start',
            default => $layout->media,
        };
    }

    public function look(Look $before): Look
    {
        return $before->withFlipped($this->flipped);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Layouts;

/** A way through the choices of the sections above to one choice of a section. */
final readonly class Way
{
    public function __construct(public Choice $choice, public float $cost, public ?self $before)
    {
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

/** A part of a drawing; positions and sizes in pixels from its upper left corner. */
interface Shape
{
    /** Where it begins. */
    public function left(): float;

    public function moved(float $dx, float $dy): static;
}

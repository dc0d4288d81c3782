<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting;

/** One of the shapes in which a line can be something other than running text. */
interface Shape
{
    /** Writes down what the line says and returns true; returns false, having done nothing, when it has another shape. */
    public function take(Spot $spot, Segmentation $into): bool;
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;

/** "## Tone of voice" */
final readonly class MarkedHeading implements Shape
{
    public function __construct(private Heading $heading)
    {
    }

    public function take(Spot $spot, Segmentation $into): bool
    {
        if (1 !== preg_match('/^(\s*#{1,6}\s+)(.*?)\s*#*$/', $spot->text, $m)) {
            return false;
        }
        $into->close();
        $this->heading->writeOrAsk($spot->start + \strlen($m[1]), $m[2], $spot->atTop, $into);

        return true;
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;

/** "-----": ends what is before it, or makes a heading of the line above. */
final readonly class Rule implements Shape
{
    public function __construct(private Heading $heading)
    {
    }

    public function take(Spot $spot, Segmentation $into): bool
    {
        if (1 !== preg_match('/^(?:={3,}|-{3,}|\*{3,}|_{5,})$/', $spot->bare)) {
            return false;
        }
        if ($into->inParagraph() && str_contains('=-', $spot->bare[0])) {
            [$start, $heading] = $into->takeParagraph();
            $this->heading->write($start, $heading, $spot->atTop, $into);
        } else {
            $into->close();
        }

        return true;
    }
}

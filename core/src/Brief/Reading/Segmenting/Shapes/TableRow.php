<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;
use DunePocket\Catalogue\Cues;

/** "| Pages | Home, Prices |": the first cell asks, the second answers. */
final readonly class TableRow implements Shape
{
    public function __construct(private Cues $cues)
    {
    }

    public function take(Spot $spot, Segmentation $into): bool
    {
        if (1 !== preg_match('/^\s*\|(?<ask>[^|]*)\|(?<answer>.*?)\|?\s*$/u', $spot->text, $m, \PREG_OFFSET_CAPTURE)) {
            return false;
        }
        $into->close();
        $into->forget();
        if (1 !== preg_match('/^[\s|:\-]*$/', $spot->text)) {
            $into->add(BlockKind::Answer, $spot->start + (int) $m['answer'][1], $m['answer'][0], $this->cues->topic(trim($m['ask'][0], ' *')));
        }

        return true;
    }
}

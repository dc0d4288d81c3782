<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;
use DunePocket\Catalogue\Cues;

/** "Town          Wakefield": what asks and what answers in columns set with spaces or tabs. */
final readonly class Columns implements Shape
{
    public function __construct(private Cues $cues)
    {
    }

    public function take(Spot $spot, Segmentation $into): bool
    {
        if (1 !== preg_match('/^\s*(?<ask>\p{L}[^|\t:]{1,40}?)\s*(?:\t+|\s{3,})(?<answer>\S.*)$/u', $spot->text, $m, \PREG_OFFSET_CAPTURE)) {
            return false;
        }
        $topic = $this->cues->topic($m['ask'][0]);
        if (null === $topic) {
            return false;
        }
        $into->close();
        $into->forget();
        $into->add(BlockKind::Answer, $spot->start + (int) $m['answer'][1], $m['answer'][0], $topic);

        return true;
    }
}

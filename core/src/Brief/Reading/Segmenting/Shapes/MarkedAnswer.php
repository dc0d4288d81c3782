<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Segmenting\PlainAnswer;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;

/** "A: calm and dry", "→ calm and dry", beneath its question. */
final readonly class MarkedAnswer implements Shape
{
    public function __construct(private PlainAnswer $plain)
    {
    }

    public function take(Spot $spot, Segmentation $into): bool
    {
        if (!$into->asked()->answered || 1 !== preg_match('/^(\s*(?:(?:(?:(?:my|our|your|client[\'’]?s?)\s+)?(?:answer|response|reply)|A\s?\d{0,2})\s*[.:)]|[→►◦»]|->|=>|>>)\s*)(.*)$/iu', $spot->text, $m)) {
            return false;
        }
        $into->close();
        $answer = new Line($spot->start + \strlen($m[1]), $m[2]);
        if (!$this->plain->take($answer, $into)) {
            $into->add(BlockKind::Answer, $answer->start, $answer->text, $into->asked()->topic);
        }

        return true;
    }
}

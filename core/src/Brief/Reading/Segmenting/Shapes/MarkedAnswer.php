<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;

/** "A: calm and dry", "→ calm and dry", beneath its question. */
final readonly class MarkedAnswer implements Shape
{
    private const MARK = '/^\s*(?:(?:(?:(?:my|our|your|client[\'’]?s?)\s+)?(?:answer|response|reply)|A\s?\d{0,2})\s*[.:)]|[→►◦»]|->|=>|>>)\s*/iu';

    public function take(Spot $spot, Segmentation $into): bool
    {
        $line = new Line($spot->start, $spot->text);
        $answer = self::unmarked($line, $into);
        if ($answer === $line) {
            return false;
        }
        $into->close();
        $into->add(BlockKind::Answer, $answer->start, $answer->text, $into->asked()->topic);

        return true;
    }

    /** The line without what marks it as an answer; the same where nothing was asked or it carries no mark. */
    public static function unmarked(Line $line, Segmentation $into): Line
    {
        return $into->asked()->answered && 1 === preg_match(self::MARK, $line->text, $m)
            ? new Line($line->start + \strlen($m[0]), substr($line->text, \strlen($m[0])), $line->age, $line->role)
            : $line;
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Normal\OpeningHours;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;

/** "Mon: closed", "| Tue–Fri | 10-6 |": when it is open, a line for some days each, where nothing else was asked; "Mon" is no label. */
final readonly class HoursLine implements Shape
{
    public function take(Spot $spot, Segmentation $into): bool
    {
        $topic = $into->asked()->topic;
        if ((null !== $topic && FactKind::OpeningHours->value !== $topic) || !OpeningHours::areAllOf($spot->text)) {
            return false;
        }
        $into->close();
        $into->add(BlockKind::Item, $spot->start, $spot->text, FactKind::OpeningHours->value);

        return true;
    }
}

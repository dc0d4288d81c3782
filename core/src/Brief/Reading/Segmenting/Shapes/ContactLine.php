<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;

/** An e-mail address or a telephone number alone, beneath running text. */
final readonly class ContactLine implements Shape
{
    private const REACHED_AT = '/^(?:\S+@\S+\.\S+|\+?[\d(][\d()\s.\-]{7,18}\d)$/u';

    public function take(Spot $spot, Segmentation $into): bool
    {
        if (!$into->inParagraph() || $into->asked()->answered || 1 !== preg_match(self::REACHED_AT, $spot->bare)) {
            return false;
        }
        $into->close();
        $into->add(BlockKind::Paragraph, $spot->start, $spot->text);

        return true;
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;

/** "/pricing", "/help-centre", a line each: pages by their addresses. */
final readonly class PathLine implements Shape
{
    public const PATH = '~^/(?:[\w-]+(?:/[\w-]+)*)?/?(?=\s|$)~u';

    public function take(Spot $spot, Segmentation $into): bool
    {
        $isListed = FactKind::PageRequest->value === $into->asked()->topic;
        if (1 !== preg_match(self::PATH, $spot->bare) || (!$isListed && 1 !== preg_match(self::PATH, $spot->next))) {
            return false;
        }
        $into->close();
        $into->announcePages();
        $into->add(BlockKind::Item, $spot->start, $spot->text, FactKind::PageRequest->value);

        return true;
    }
}

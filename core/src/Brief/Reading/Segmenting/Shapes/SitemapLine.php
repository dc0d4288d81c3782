<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;

/** "Home → Classes → Book", "Home > About": pages on the way from the first; what stands in brackets or small letters is a step and no page. */
final readonly class SitemapLine implements Shape
{
    private const LINE = '/^\s*home(?: ?page)?\s*(?:→|->|=>|»|>)\s*\S/iu';
    private const STEP = '/[^→»>=]+/u';
    private const NAME = '/^\p{Lu}[\p{L}\d\'’& -]{1,40}$/u';

    public function take(Spot $spot, Segmentation $into): bool
    {
        if (1 !== preg_match(self::LINE, $spot->text)) {
            return false;
        }
        $into->close();
        preg_match_all(self::STEP, $spot->text, $steps, \PREG_OFFSET_CAPTURE);
        foreach ($steps[0] as [$step, $at]) {
            $name = trim($step, " \t-");
            if (1 === preg_match(self::NAME, $name)) {
                $into->add(BlockKind::Item, $spot->start + $at, rtrim($step, " \t-"), FactKind::PageRequest->value);
            }
        }

        return true;
    }
}

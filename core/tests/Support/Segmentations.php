<?php

declare(strict_types=1);

namespace DunePocket\Tests\Support;

use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Segmenting\AnswerExtent;
use DunePocket\Brief\Reading\Segmenting\LabelsInside;
use DunePocket\Brief\Reading\Segmenting\LabelWords;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\SourceForm;

/** A segmentation that has begun, for tests of what is written into it. */
final class Segmentations
{
    /** @param list<Line> $lines the source, where its form as a whole matters */
    public static function fresh(array $lines = []): Segmentation
    {
        $cues = Bench::catalogue()->cues();

        return new Segmentation(SourceForm::of($lines, $cues), new LabelsInside($cues, new LabelWords($cues), new AnswerExtent()), new AnswerExtent());
    }

    /** @return list<string> what its blocks say */
    public static function texts(Segmentation $into): array
    {
        return array_map(static fn (Block $block): string => $block->text, $into->blocks());
    }
}

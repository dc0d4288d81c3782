<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Segmenting\AnswerExtent;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;

/** A line that is nothing else: it begins a paragraph or goes on with one. */
final readonly class RunningText implements Shape
{
    public function __construct(private AnswerExtent $extent)
    {
    }

    public function take(Spot $spot, Segmentation $into): bool
    {
        if (!$into->inParagraph() && !$into->justAsked() && BlockKind::Item === $into->last()?->kind && $this->leavesTheList($spot, $into)) {
            $into->forget();
        }
        $into->write($spot->start, $spot->text);

        return true;
    }

    /** "Pages:", a list: a sentence after it, or anything after an empty line, stands on its own again. */
    private function leavesTheList(Spot $spot, Segmentation $into): bool
    {
        return ($spot->afterBlank && $into->asked()->byLabel) || $this->extent->isSentence($spot->text);
    }
}

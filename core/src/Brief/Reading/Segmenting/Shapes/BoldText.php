<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;

/** "**What tone would you like?**", "*Tone* – calm": asks as a heading does, with the answer behind it or beneath. */
final readonly class BoldText implements Shape
{
    private const BYTES = 160;

    public function __construct(private Heading $heading)
    {
    }

    public function take(Spot $spot, Segmentation $into): bool
    {
        if (1 !== preg_match('/^(\s*(?:[-*]\s+)?(?:\*\*|__|\*(?=\S)|_(?=\S)))(.+?)(?:\*\*|__|\*|_)([:.]?)\s*(?:\((?!\d)[^)]*\)[.:]\s+)?(?:[–—-]\s+)?(.*)$/u', $spot->text, $m) || \strlen($m[2]) >= self::BYTES) {
            return false;
        }
        $into->close();
        $behind = ltrim($m[4], ': ');
        $this->heading->writeOrAsk($spot->start + \strlen($m[1]), rtrim($m[2], ':. '), $spot->atTop && '' === $behind, $into);
        if ('' !== $behind) {
            $into->write($spot->start + (int) strrpos($spot->text, $behind), $behind);
            $into->under($into->asked()->answeredBehind());
        }

        return true;
    }
}

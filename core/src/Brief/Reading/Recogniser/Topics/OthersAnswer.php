<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Topics;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Catalogue\Cues;

/** Those named where it was asked who the competitors are, or which websites are liked: by name or web address. */
final readonly class OthersAnswer implements Answer
{
    public function __construct(private FactKind $kind, private Cues $cues)
    {
    }

    public function read(Block $block): iterable
    {
        preg_match_all($this->cues->other, $block->text, $m, \PREG_OFFSET_CAPTURE);
        foreach ($m['named'] ?? [] as [$named, $at]) {
            $named = rtrim($named, '.');
            yield new Candidate($this->kind, $named, $block->start + (int) $at, \strlen($named), self::CERTAINTY);
        }
    }
}

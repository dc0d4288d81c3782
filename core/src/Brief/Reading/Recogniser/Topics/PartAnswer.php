<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Topics;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;

/** The year, or the web address, that the answer holds. */
final readonly class PartAnswer implements Answer
{
    public const WEB_ADDRESS = '/(?<![@\w.])(?:https?:\/\/)?[\p{L}\d-]+(?:\.[\p{L}\d-]+)*\.\p{L}{2,}(?:\/[^\s,;)]*)?/u';
    public const YEARS = '/\b(?:19|20)\d\d\b|\b\d+ years?\b/u';

    /** @param string $part a pattern of what is meant */
    public function __construct(private FactKind $kind, private string $part)
    {
    }

    public function read(Block $block): iterable
    {
        if (1 === preg_match($this->part, $block->text, $m, \PREG_OFFSET_CAPTURE)) {
            yield new Candidate($this->kind, Phrase::tidy($m[0][0]), $block->start + (int) $m[0][1], \strlen($m[0][0]), self::CERTAINTY);
        }
    }
}

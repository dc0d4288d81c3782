<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Topics;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Numeral;

/** "Eight, no more.": where pages are asked for, their number. */
final readonly class PagesAnswer implements Answer
{
    private const YES_OR_NO = '/^(?:no|yes)\b/iu';
    private const COUNT = '/(?:^|[.!?,]\s+)(?:(?:about|around|maybe|say|no more than|at most|up to|probably)\s+)?(?!one[- ]to[- ]one\b)(?:\d{1,2}|one(?= page)|two|three|four|five|six|seven|eight|nine|ten|a dozen)\b(?:\s*(?:-|–|to|or)\s*(?:\d{1,2}|\p{L}+))?(?=\s*(?:[.,;:!]|$|(?:i|we) (?:think|reckon|suppose|guess|imagine)|max|at most|no more|pages?\b(?! (?:for|per|about|on|each|with))|[\'’]?s (?:plenty|enough|fine)| (?:is|are|will be|should be|sounds?|seems?) (?:plenty|enough|about right|fine|right|ok|okay|good|perfect)| or so| will do))/iu';

    public function read(Block $block): iterable
    {
        if (1 !== preg_match(self::YES_OR_NO, $block->text) && 1 === preg_match(self::COUNT, $block->text, $m, \PREG_OFFSET_CAPTURE)) {
            $words = ltrim($m[0][0], '.!?, ');
            yield new Candidate(FactKind::PageCount, (string) Numeral::range($words), $block->start + (int) $m[0][1] + \strlen($m[0][0]) - \strlen($words), \strlen($words), self::CERTAINTY);
        }
    }
}

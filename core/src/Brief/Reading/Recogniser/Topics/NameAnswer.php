<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Topics;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Catalogue\Cues;

/** The name of the business, up to where more is said of it. */
final readonly class NameAnswer implements Answer
{
    /** "Just my name, Wren Ashdown", "It's Hallow Physio" */
    private const ONLY_NAME = '/^(?:(?:just|only|simply) (?:my|our|the) (?:own )?name\b[,:]?\s*|(?:(?:well|so|um|oh|yes|yeah),? )*(?:it[\'’]s|it is|we[\'’]re|we are|that[\'’]s)(?: called| just)? (?=\p{Lu}))/iu';
    private const NAME = '~^(?:(?!\s[/|]\s)[^.,;(\n]){2,60}~u';
    private const SENTENCE = '/\b(?:we|our|is called|is)\b/iu';

    public function __construct(private Cues $cues)
    {
    }

    public function read(Block $block): iterable
    {
        $lead = 1 === preg_match(self::ONLY_NAME, $block->text, $m) ? \strlen($m[0]) : 0;
        if (1 === preg_match(self::NAME, substr($block->text, $lead), $m) && 1 !== preg_match(self::SENTENCE, $m[0]) && 1 !== preg_match($this->cues->does, $m[0])) {
            yield new Candidate(FactKind::BusinessName, Phrase::tidy($m[0]), $block->start + $lead, \strlen(rtrim($m[0])), self::CERTAINTY);
        }
    }
}

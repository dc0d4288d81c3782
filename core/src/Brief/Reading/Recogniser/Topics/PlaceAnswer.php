<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Topics;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;

/** Where the business is: with a number in it, it is the address. */
final readonly class PlaceAnswer implements Answer
{
    private const PLACE = '/^[^.;\n]{2,80}?(?=\s*(?:[.;\n]|$|,?\s+(?:but |and )?(?:cover(?:s|ing)?|serv(?:es?|ing)|travel(?:s|ling)?|can (?:go|travel)|will travel|though|which|where)\b))/iu';
    /** "Leeds LS6-LS18": postcode districts, and no address. */
    private const DISTRICTS = '/^[\p{L} ,\'’-]*(?:\b[A-Z]{1,2}\d{1,2}\b(?:\s*(?:-|–|to|and|,|&)\s*)?)+$/u';
    private const SENTENCE = '/\b(?:we|our|i)\b|\?$/iu';

    public function read(Block $block): iterable
    {
        if (1 === preg_match(self::PLACE, $block->text, $m) && 1 !== preg_match(self::SENTENCE, $m[0]) && 1 !== preg_match(PartAnswer::WEB_ADDRESS, $block->text)) {
            $words = rtrim($m[0]);
            yield new Candidate(1 === preg_match('/\d/', $words) && 1 !== preg_match(self::DISTRICTS, $words) ? FactKind::ContactAddress : FactKind::Location, Phrase::tidy($words), $block->start, \strlen($words), self::CERTAINTY);
        }
    }
}

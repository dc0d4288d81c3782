<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser;

/**
 * Praise of a third party, in its own words: “Best ropes I ever used.” – Captain Morgan. Only with a name, which is
 * kept beside it, could it be shown as a testimonial.
 */
final readonly class QuotedPraiseRecogniser implements Recogniser
{
    private const CERTAINTY = 0.96;
    private const NAME = '(?-i:(?:(?:Mr|Mrs|Ms|Miss|Dr|Prof|Captain|Sir|Dame|Cllr)\.? )?\p{Lu}[\p{L}\'’.-]*(?: (?:and |& |of )?\p{Lu}[\p{L}\'’.-]*){0,3})';
    /** At least three words between quotation marks, and behind them who said so. */
    private const PRAISE = '~["“„«](?<words>[^"“”»\n]{2,}(?: [^"“”»\n ]+){2,}?)[.,!]?["”»][.,]?\s*(?:\n\s*)?(?:[-–—]\s*|(?:says|said|wrote|writes|according to)\s+|\()(?<name>%s)(?<what>,\s[\p{L}][\p{L} ’\'-]{2,40}(?=[.)\n]|$))?~u';

    public function recognise(Reading $reading): iterable
    {
        preg_match_all(\sprintf(self::PRAISE, self::NAME), $reading->text->text, $found, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        foreach ($found as $match) {
            [$words, $at] = $match['words'];
            $number = $reading->sentenceAt((int) $at, 1);
            if (null !== $number && $reading->sentences[$number]->isSpoken()) {
                yield new Candidate(FactKind::Proof, Phrase::tidy($words), (int) $at, \strlen($words), self::CERTAINTY, detail: ['by' => trim($match['name'][0].($match['what'][0] ?? ''), ' .')]);
            }
        }
    }
}

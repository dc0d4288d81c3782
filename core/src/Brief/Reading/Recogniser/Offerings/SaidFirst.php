<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Offerings;

use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Cues;

/** "Hedge laying and dry stone walling are what I do." */
final readonly class SaidFirst
{
    private const CERTAINTY = 0.8;
    /** "Marmalade is what we're known for (three golds), then chutneys and chilli jam" */
    private const GOES_ON = '/^(?:\s+(?:for|at))?\s*(?:\([^)]*\))?\s*[,;]?\s*(?:and )?(?:then|followed by|with|plus)\s+(?=\p{L}+s?\b)(?!(?:the|we|i|it|they|there)\b)/iu';

    public function __construct(private Cues $cues, private OfferingWords $words, private OfferingItem $item)
    {
    }

    /**
     * @param float $certainty 0 to 1
     *
     * @return iterable<Candidate>
     */
    public function offered(Sentence $sentence, float $certainty = self::CERTAINTY): iterable
    {
        if (1 !== preg_match($this->cues->offeringVerbs['before']->any, $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
            return;
        }
        [$verb, $at] = [$m[0][0], (int) $m[0][1]];
        $list = substr($sentence->text, 0, $at);
        $after = substr($sentence->text, $at + \strlen($verb));
        $parts = Phrase::list($list);
        if (str_starts_with(ltrim($after), ':') || substr_count($list, '(') > substr_count($list, ')') || !$this->words->mayBeList($list) || $this->words->areMostlyPeople($parts)) {
            return;
        }
        yield from $this->item->each($parts, $sentence->start, $certainty, 1 === preg_match('/\bhire\W*$/iu', $verb) ? ' hire' : '');
        if (1 === preg_match(self::GOES_ON, $after, $then)) {
            $rest = substr($after, \strlen($then[0]));
            yield from $this->item->each(Phrase::list(rtrim($rest, " \n.")), $sentence->start + \strlen($sentence->text) - \strlen($rest), $certainty);
        }
    }
}

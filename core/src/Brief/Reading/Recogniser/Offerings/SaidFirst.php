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

    public function __construct(private Cues $cues, private OfferingWords $words, private OfferingItem $item)
    {
    }

    /** @return iterable<Candidate> */
    public function offered(Sentence $sentence): iterable
    {
        if (1 !== preg_match($this->cues->offeringVerbs['before'], $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
            return;
        }
        $list = substr($sentence->text, 0, (int) $m[0][1]);
        $parts = Phrase::list($list);
        if ($this->words->mayBeList($list) && !$this->words->areMostlyPeople($parts)) {
            yield from $this->item->each($parts, $sentence->start, self::CERTAINTY, 1 === preg_match('/\bhire\W*$/iu', $m[0][0]) ? ' hire' : '');
        }
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Offerings;

use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Cues;

/** "As well as wedding photography I also offer albums": what is named first is offered too. */
final readonly class Besides
{
    private const CERTAINTY = 0.9;

    public function __construct(private Cues $cues, private OfferingWords $words, private OfferingItem $item)
    {
    }

    /** @return iterable<Candidate> */
    public function offered(Sentence $sentence): iterable
    {
        preg_match_all($this->cues->offeringVerbs['besides'], $sentence->text, $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        foreach ($matches as $m) {
            if ($this->words->mayBeList($m['names'][0])) {
                yield from $this->item->each(Phrase::list($m['names'][0]), $sentence->start + (int) $m['names'][1], self::CERTAINTY);
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Offerings;

use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;

/** Sentences that name what is offered at fixed places: "As well as rugs we also offer …", "Tours on Fridays, talks on Sundays." */
final readonly class Framed
{
    private const CERTAINTY = 0.87;

    public function __construct(private OfferingWords $words, private OfferingItem $item)
    {
    }

    /**
     * @param array<string> $frames    those that stand in the sentence
     * @param float         $certainty 0 to 1
     *
     * @return iterable<Candidate>
     */
    public function offered(Sentence $sentence, array $frames, float $certainty = self::CERTAINTY): iterable
    {
        foreach ($frames as $frame) {
            preg_match_all($frame, $sentence->text, $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
            foreach ($matches as $m) {
                yield from $this->named($m['names'] ?? ['', -1], $sentence, $certainty);
                yield from $this->named($m['more'] ?? ['', -1], $sentence, $certainty);
            }
        }
    }

    /**
     * @param array{string, int} $names with where they begin in the sentence, in bytes
     *
     * @return iterable<Candidate>
     */
    private function named(array $names, Sentence $sentence, float $certainty): iterable
    {
        $parts = '' === trim($names[0]) ? [] : Phrase::list($names[0]);
        if ([] !== $parts && $this->words->mayBeList($names[0]) && !$this->words->areMostlyPeople($parts) && $this->words->count($parts, $this->words->areSomethingElse(...)) < \count($parts)) {
            yield from $this->item->each($parts, $sentence->start + $names[1], $certainty);
        }
    }
}

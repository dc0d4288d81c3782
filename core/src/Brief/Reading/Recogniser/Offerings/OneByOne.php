<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Offerings;

use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Cues;

/** "There are three things we do. The club is for … Then there are camps, which …": a thing a sentence, named at its head. */
final readonly class OneByOne
{
    private const CERTAINTY = 0.82;
    private const NEAR = [-2, -1, 1, 2];
    private const ROW = 2;
    private const ONE_MORE = '/^(?:(?:and|plus|also|oh)[, ]+)*(?:there(?:[\'’]s| is| are)|then there(?:[\'’]s| is| are)) |^(?:and|plus|then)[, ]+(?!(?:we|i|it|they|there|you|so|the|that|this|what|if|when|no)\b)/iu';

    public function __construct(private Cues $cues, private OfferingWords $words, private OfferingItem $item)
    {
    }

    /** Whether the sentence says that what is offered follows. */
    public function isAnnouncedBy(Sentence $sentence): bool
    {
        return 1 === preg_match($this->cues->announcingOfferings, $sentence->text);
    }

    /** "Then there's cask ownership", after something that is offered. */
    public function goesOn(Sentence $sentence): bool
    {
        return 1 === preg_match(self::ONE_MORE, $sentence->text);
    }

    /**
     * Where a block has three sentences in a row that each begin with a thing, or one beside what is offered plainly.
     *
     * @param list<Sentence>           $sentences
     * @param callable(Sentence): bool $tells     whether something is offered plainly
     *
     * @return array<int, true> numbers of those sentences
     */
    public function inARow(array $sentences, callable $tells): array
    {
        $heads = array_filter(array_map($this->startsWithAThing(...), $sentences));
        $row = [];
        foreach (array_keys($heads) as $i) {
            $near = array_filter(self::NEAR, static fn (int $step): bool => isset($sentences[$i + $step]) && $sentences[$i + $step]->block === $sentences[$i]->block);
            $headed = \count(array_filter($near, static fn (int $step): bool => isset($heads[$i + $step])));
            if ($headed >= self::ROW || [] !== array_filter($near, static fn (int $step): bool => $tells($sentences[$i + $step]))) {
                $row[$i] = true;
            }
        }

        return $row;
    }

    private function startsWithAThing(Sentence $sentence): bool
    {
        return 1 === preg_match($this->cues->oneByOne, $sentence->text, $m) && 1 !== preg_match($this->cues->otherHeads, $m['names']) && !$this->words->namePeople($m['names']) && !$this->words->areName($m['names']);
    }

    /** @return iterable<Candidate> */
    public function offered(Sentence $sentence, float $certainty = self::CERTAINTY): iterable
    {
        if ($this->cues->givenUp->standIn($sentence->text) || 1 !== preg_match($this->cues->oneByOne, $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
            return;
        }
        [$names, $at] = $m['names'];
        if (!$this->words->namePeople($names) && !$this->words->nameTone($names)) {
            yield from $this->item->each(Phrase::list($names), $sentence->start + (int) $at, $certainty);
        }
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Offerings;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Brief\Reading\WordList;
use DunePocket\Catalogue\Cues;

/** What stands where offerings are asked for: "Services:", "What do you offer?". */
final readonly class AskedOfferings
{
    private const ITEM = 0.96;
    public const CERTAINTY = 0.95;
    /** A thing and what is said of it; more than this between commas are several things. */
    private const MOST_REMARKED = 4;
    /** "the summer fair, the uniform sale" is a list. */
    private const ARTICLE = '/^(?:an?|the)\s/iu';

    /** In words. */
    private const SHORT_ANSWER = 4;

    /** @param string $people plurals of nouns that mean people, as WordList takes them */
    public function __construct(private Cues $cues, private string $people, private OfferingItem $item, private InRunningText $running, private SaidFirst $first, private PricedThings $priced, private OneByOne $single)
    {
    }

    /** @return iterable<Candidate> */
    public function offered(Sentence $sentence): iterable
    {
        $sentence = $this->withoutGivenUp($sentence);
        if ($this->cues->isBlank($sentence->text) || $this->cues->givenUp->standIn($sentence->text) || ($this->isAll($sentence) && 1 === preg_match($this->cues->offeringWordings->professionAndWhere, $sentence->text))) {
            return [];
        }
        if (BlockKind::Item === $sentence->block->kind) {
            return $sentence->isFirst() ? $this->item->offered(preg_replace($this->cues->offeringWordings->remarkBehind, '', $sentence->text) ?? $sentence->text, $sentence->start, self::ITEM) : [];
        }
        $listed = $this->running->untilStop($sentence->text);
        $parts = $this->withoutRemarks($this->named($listed, $sentence->isFirst()), $sentence);

        $isList = \count($parts) > 1 && 1 !== preg_match($this->cues->offeringWordings->says, $listed);
        $single = $isList || $this->isAll($sentence) ? [] : iterator_to_array($this->single->offered($sentence, self::CERTAINTY), false);
        if ([] !== $single) {
            return [...$single, ...$this->running->offered($sentence), ...$this->priced->offered($sentence)];
        }

        return $isList && !$this->running->hasSureVerb($listed)
            ? $this->list($parts, $sentence, $sentence->start + \strlen($listed))
            : $this->sentence($sentence, $listed);
    }

    /** "Conveyancing; wills; family law, save for legal aid work, which we no longer do": the list stands. */
    private function withoutGivenUp(Sentence $sentence): Sentence
    {
        if (!$this->cues->givenUp->standIn($sentence->text)) {
            return $sentence;
        }
        $listed = preg_replace_callback($this->cues->offeringWordings->excepted, static fn (array $m): string => str_repeat(' ', \strlen($m[0])), $sentence->text) ?? $sentence->text;

        return \count(Phrase::list(rtrim($listed))) > 2 && !$this->cues->givenUp->standIn($listed) ? $sentence->reading($listed) : $sentence;
    }

    /**
     * "NHS and private dentistry: check-ups, hygiene and implants": what stands before the list sums it up.
     *
     * @return list<array{string, int}>
     */
    private function named(string $list, bool $isFirst): array
    {
        $lead = 1 === preg_match($this->cues->offeringWordings->summedUp, $list, $m) ? \strlen($m[0]) : 0;
        if ($lead > 0 && 1 === preg_match($this->cues->offeringWordings->oneMore, $list, $more)) {
            return [[rtrim(substr($list, \strlen($more[0]), $lead - \strlen($more[0])), ': '), \strlen($more[0])]];
        }
        $head = rtrim(substr($list, 0, $lead), ': ');
        if ($lead > 0 && !$isFirst && 1 === preg_match($this->cues->offeringWordings->group, $head)) {
            return [[$head, 0]];
        }
        $isTalk = $lead > 0 && 1 === preg_match($this->cues->offeringWordings->talk, $list);
        $parts = array_map(static fn (array $part): array => [$part[0], $part[1] + $lead], Phrase::list(substr($list, $lead)));

        return \count($parts) > 1 || $isTalk ? $parts : Phrase::list($list);
    }

    /**
     * @param list<array{string, int}> $parts
     * @param int                      $end   where the list ends and the sentence may go on
     *
     * @return iterable<Candidate>
     */
    private function list(array $parts, Sentence $sentence, int $end): iterable
    {
        foreach ($this->running->offered($sentence) as $candidate) {
            if ($candidate->start >= $end) {
                yield $candidate;
            }
        }
        yield from $this->item->each($parts, $sentence->start, self::CERTAINTY);
    }

    /**
     * "Energy visits, free, by a volunteer.", where each thing has a sentence: what stands behind its name is no other thing.
     *
     * @param list<array{string, int}> $parts
     *
     * @return list<array{string, int}>
     */
    private function withoutRemarks(array $parts, Sentence $sentence): array
    {
        $isRemarked = \count($parts) > 1 && \count($parts) <= self::MOST_REMARKED && !$this->isAll($sentence) && 1 === preg_match($this->cues->offeringWordings->remark, $parts[1][0]) && !(1 === preg_match(self::ARTICLE, $parts[0][0]) && 1 === preg_match(self::ARTICLE, $parts[1][0]));

        return $isRemarked ? \array_slice($parts, 0, 1) : $parts;
    }

    /** Whether its block says nothing else. */
    private function isAll(Sentence $sentence): bool
    {
        return trim($sentence->text) === trim($sentence->block->text);
    }

    private function isProfession(string $words): bool
    {
        return 1 === preg_match($this->cues->offeringWordings->profession, $words, $m) && ('' === ($m['people'] ?? '') || WordList::holds($this->people, mb_strtolower($m['people'])));
    }

    /** "Gift vouchers": nothing else would be an offering by these words, but it is what was asked for. */
    private function isShortAnswer(Sentence $sentence): bool
    {
        return BlockKind::Answer === $sentence->block->kind && $this->isAll($sentence) && str_word_count($sentence->text) <= self::SHORT_ANSWER && 1 !== preg_match($this->cues->offeringWordings->noName, $sentence->text);
    }

    private function asAnswered(Sentence $sentence): Candidate
    {
        return new Candidate(FactKind::Offering, Phrase::title($sentence->text), $sentence->start, \strlen($sentence->text), self::CERTAINTY);
    }

    /**
     * @param string $listed the sentence up to where it stops telling what is offered
     *
     * @return iterable<Candidate>
     */
    private function sentence(Sentence $sentence, string $listed): iterable
    {
        $running = iterator_to_array($this->running->offered($sentence), false);
        if ([] !== $running) {
            return $running;
        }
        if (1 === preg_match($this->cues->offeringWordings->spelledOut, $sentence->text, $m)) {
            return $this->item->each(Phrase::list($this->running->untilStop(substr($sentence->text, \strlen($m[0])))), $sentence->start + \strlen($m[0]), self::CERTAINTY);
        }
        if (1 === preg_match($this->cues->offeringWordings->says, $listed)) {
            return [...$this->first->offered($sentence, self::CERTAINTY), ...$this->priced->offered($sentence)];
        }
        $parts = $this->named($listed, $sentence->isFirst());
        $isProfession = 1 === \count($parts) && $this->isAll($sentence) && $this->isProfession($parts[0][0]);

        if ($isProfession) {
            return [];
        }
        $offered = iterator_to_array($this->item->each($parts, $sentence->start, self::CERTAINTY), false);

        return [] === $offered && $this->isShortAnswer($sentence) ? [$this->asAnswered($sentence)] : $offered;
    }
}

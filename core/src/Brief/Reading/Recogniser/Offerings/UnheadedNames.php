<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Offerings;

use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Recogniser\Runs;
use DunePocket\Brief\Reading\Sentence;

/** Names in a row that nothing announces, neither pages nor people nor features: what they offer. */
final readonly class UnheadedNames
{
    private const CERTAINTY = 0.75;
    private const ITEM_WORDS = 7;
    private const NAME_WORDS = 5;
    /** "Perry in a good year" */
    private const CIRCUMSTANCES = '/\s(?:in|on|at|every|during|from|for|with|twice|once|tied)\s.*$/iu';
    /** "teas that I make", "consultations (in person + zoom)" */
    private const ASIDE = '/\s*\([^)]*\)|,?\s(?:that|which) (?:we|i)\b.*$/iu';
    /** Of three items, one may look like something else. */
    private const SOMETHING_ELSE = 3;

    public function __construct(private OfferingWords $words, private OfferingItem $item)
    {
    }

    /**
     * Three lines or more of a list; "Crane hire. Contract lifts. Machinery moving.".
     *
     * @param list<Sentence> $sentences
     *
     * @return iterable<Candidate>
     */
    public function offered(array $sentences): iterable
    {
        foreach (Runs::of($sentences, $this->isItem(...)) as $parts) {
            if (self::SOMETHING_ELSE * $this->words->count($parts, $this->words->areSomethingElse(...)) <= \count($parts)) {
                yield from $this->item->each($parts, 0, self::CERTAINTY);
            }
        }
        foreach (Runs::of($sentences, $this->isName(...), Runs::inOneBlock(...)) as $parts) {
            if (self::SOMETHING_ELSE * $this->words->count($parts, $this->words->areSomethingElse(...)) < \count($parts)) {
                yield from $this->item->each($parts, 0, self::CERTAINTY);
            }
        }
    }

    private function isItem(Sentence $sentence): bool
    {
        return BlockKind::Item === $sentence->block->kind
            && null === $sentence->block->topic
            && $sentence->isFirst()
            && str_word_count($sentence->text) <= self::ITEM_WORDS
            && $this->words->mayBeList(preg_replace(self::ASIDE, '', $sentence->text) ?? $sentence->text);
    }

    private function isName(Sentence $sentence): bool
    {
        $bare = rtrim($sentence->text, " .!\n");
        $name = preg_replace(self::CIRCUMSTANCES, '', $bare) ?? $bare;

        return \in_array($sentence->block->topic, [null, 'business_kind'], true)
            && BlockKind::Paragraph === $sentence->block->kind
            && str_word_count($name) <= self::NAME_WORDS
            && !str_contains($bare, ',')
            && $this->words->mayBeList($bare);
    }
}

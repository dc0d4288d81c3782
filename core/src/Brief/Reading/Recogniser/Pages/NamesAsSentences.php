<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Recogniser\Runs;
use DunePocket\Brief\Reading\Sentence;

/** "Shows. Gallery. Safety. Enquire.": a run of sentences that are nothing but names, two at least of pages. */
final readonly class NamesAsSentences
{
    private const CERTAINTY = 0.93;
    private const LONGEST_NAME = 5;
    /** "Warm and friendly", but not "Send a patient" */
    private const TONE_WORDS = 2;
    /** A block of so many names is a list of pages, though only one is known. */
    private const MANY = 4;
    /** "Contact, with form" */
    private const REMARK = '/\s*\([^)]*\)$|,? with [^,.]{3,30}$/u';

    public function __construct(private PageRequests $make)
    {
    }

    /**
     * @param list<Sentence> $sentences
     *
     * @return iterable<Candidate>
     */
    public function requests(array $sentences): iterable
    {
        foreach (Runs::of($sentences, $this->isName(...), $this->goesOn(...)) as $run) {
            $names = array_map(static fn (array $name): array => [preg_replace(self::REMARK, '', $name[0]) ?? $name[0], $name[1]], $run);
            $known = $this->make->known($names);
            if ($known > 1 || (1 === $known && \count($names) >= self::MANY && $this->areAllOfABlock($run, $sentences))) {
                yield from $this->make->pages($names, 0, self::CERTAINTY);
            }
        }
    }

    /** In one block, or the next item of a list that nothing asks for. */
    private function goesOn(Sentence $sentence, Sentence $before): bool
    {
        return Runs::inOneBlock($sentence, $before) || (BlockKind::Item === $sentence->block->kind && BlockKind::Item === $before->block->kind && $sentence->block->age === $before->block->age);
    }

    /**
     * Whether a block holds nothing else.
     *
     * @param list<array{string, int}> $run       names, and where they begin
     * @param list<Sentence>           $sentences
     */
    private function areAllOfABlock(array $run, array $sentences): bool
    {
        $first = array_values(array_filter($sentences, static fn (Sentence $sentence): bool => $sentence->start === $run[0][1]))[0] ?? null;

        return null !== $first && \count(array_filter($sentences, static fn (Sentence $sentence): bool => $sentence->block === $first->block)) === \count($run);
    }

    private function isName(Sentence $sentence): bool
    {
        $bare = preg_replace(self::REMARK, '', rtrim($sentence->text, " .\n")) ?? $sentence->text;

        return null === $sentence->block->topic
            && (str_word_count($bare) > self::TONE_WORDS || !$this->make->saysTone($bare))
            && $sentence->isSpoken()
            && 1 === preg_match('/^\p{Lu}[\p{L}\'’&\s-]{2,30}$/u', $bare)
            && str_word_count($bare) <= self::LONGEST_NAME;
    }
}

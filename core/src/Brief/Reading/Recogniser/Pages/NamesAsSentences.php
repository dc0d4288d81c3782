<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Recogniser\Runs;
use DunePocket\Brief\Reading\Sentence;

/** "Shows. Gallery. Safety. Enquire.": a run of sentences that are nothing but names, two at least of pages. */
final readonly class NamesAsSentences
{
    private const CERTAINTY = 0.93;
    private const LONGEST_NAME = 5;
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
        foreach (Runs::of($sentences, $this->isName(...), Runs::inOneBlock(...)) as $run) {
            $names = array_map(static fn (array $name): array => [preg_replace(self::REMARK, '', $name[0]) ?? $name[0], $name[1]], $run);
            if ($this->make->known($names) > 1) {
                yield from $this->make->pages($names, 0, self::CERTAINTY);
            }
        }
    }

    private function isName(Sentence $sentence): bool
    {
        $bare = preg_replace(self::REMARK, '', rtrim($sentence->text, " .\n")) ?? $sentence->text;

        return null === $sentence->block->topic
            && !$this->make->saysTone($bare)
            && $sentence->isSpoken()
            && 1 === preg_match('/^\p{Lu}[\p{L}\'’&\s-]{2,30}$/u', $bare)
            && str_word_count($bare) <= self::LONGEST_NAME;
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\PageWordingCues;

/** "They live on one page called Our rooms. Then Fees, Visit us, and Join our team because we can't recruit.": names that go on from pages told before. */
final readonly class FurtherPages
{
    private const CERTAINTY = 0.93;
    private const LEAST = 2;
    /** How many sentences further up pages may have been spoken of. */
    private const BEFORE = 3;
    private const PAGES = '/\bpages?\b/iu';
    private const NAME = '/^(?:(?:the|our|an?) )?\p{Lu}[\p{L}\'’&]*(?: [\p{L}\'’&]+){0,4}$/u';

    public function __construct(private PageRequests $make, private PageWordingCues $wordings)
    {
    }

    /**
     * @param list<Sentence> $sentences
     *
     * @return iterable<Candidate>
     */
    public function requests(array $sentences): iterable
    {
        foreach ($sentences as $i => $sentence) {
            if (!$sentence->isSpoken() || 1 !== preg_match($this->wordings->goesOn, $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
                continue;
            }
            $before = array_filter(\array_slice($sentences, max(0, $i - self::BEFORE), min($i, self::BEFORE)), static fn (Sentence $earlier): bool => 1 === preg_match(self::PAGES, $earlier->text));
            $names = Phrase::list($m['names'][0]);
            if ([] !== $before && \count($names) >= self::LEAST && [] === array_filter($names, fn (array $name): bool => 1 !== preg_match(self::NAME, $this->bare($name[0])))) {
                yield from $this->make->pages($names, $sentence->start + (int) $m['names'][1], self::CERTAINTY);
            }
        }
    }

    private function bare(string $name): string
    {
        return trim(preg_replace('/\([^()]*\)?/u', '', $name) ?? $name, ' .');
    }
}

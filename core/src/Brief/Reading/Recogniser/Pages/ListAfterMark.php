<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;

/** "… - shop, workshops, about, say hello": most of it page names, whatever comes before the dash or colon. */
final readonly class ListAfterMark implements PageWording
{
    private const CERTAINTY = 0.93;
    private const LEAST = 3;
    private const NAME_WORDS = 4;
    /** What comes before a list of names that are to be pages. */
    private const WANTED = '/\b(?:needs?|wants?|have|include|imagine|see|suggest|propose|like|picture|structure|sections?|contents?|menu|pages?)\b[^:–—]{0,30}[:–—-]\s*$/iu';

    public function __construct(private PageRequests $make, private Negation $negation)
    {
    }

    public function requests(Sentence $sentence): iterable
    {
        if (1 !== preg_match('/(?|(?::|\s[–—-])\s+(?<list>[^.;!?\n:]{8,160})|(?<=pages )\((?<list>[^()]{8,160})\))/u', $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
            return;
        }
        [$list, $offset] = [$m['list'][0], (int) $m['list'][1]];
        $parts = Phrase::list($list);
        $known = \count(array_filter($parts, fn (array $part): bool => $this->make->isKnown(preg_replace('/\s*\(.*$|\swith\s.*$/u', '', $part[0]) ?? $part[0])));
        $arePages = $this->announced($parts, substr($sentence->text, 0, $offset))
            || 1 === preg_match('/\ba page (?:about|for|on|with)\b/iu', $list)
            || (2 * $known >= \count($parts) && $known > 1);
        if (\count($parts) >= self::LEAST && $known > 0 && $arePages && !$this->negation->covers($sentence, $offset)) {
            yield from $this->make->pages($parts, $sentence->start + $offset, self::CERTAINTY);
        }
    }

    /** @param list<array{string, int}> $parts */
    private function announced(array $parts, string $before): bool
    {
        return ($this->make->areNames($parts) || \count($parts) > self::LEAST)
            && 1 === preg_match(self::WANTED, $before)
            && [] === array_filter($parts, static fn (array $part): bool => str_word_count($part[0]) > self::NAME_WORDS);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\PageKinds;

/** "4 pages home prices areas contact": nothing between the names. */
final readonly class NamesUnseparated implements PageWording
{
    private const CERTAINTY = 0.93;
    private const LEAST = 3;

    public function __construct(private PageRequests $make, private PageKinds $pages)
    {
    }

    public function requests(Sentence $sentence): iterable
    {
        if (str_contains($sentence->text, ',') || 1 !== preg_match('/\b(?<home>home)\s+(?<rest>[\p{L}\s&\'’]+)/iu', $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
            return;
        }
        $names = [['Home', (int) $m['home'][1]], ...$this->names($m['rest'][0], (int) $m['rest'][1])];
        if (\count($names) >= self::LEAST) {
            yield from $this->make->pages($names, $sentence->start, self::CERTAINTY);
        }
    }

    /** @return list<array{string, int}> the known names that the words begin with, one or two words each */
    private function names(string $words, int $start): array
    {
        $names = [];
        preg_match_all('/[\p{L}\'’]+/u', $words, $found, \PREG_OFFSET_CAPTURE);
        for ($i = 0, $count = \count($found[0]); $i < $count; ++$i) {
            [$word, $at] = $found[0][$i];
            $pair = isset($found[0][$i + 1]) ? $word.' '.$found[0][$i + 1][0] : null;
            if ('and' === strtolower($word)) {
                continue;
            }
            if (null !== $pair && null !== $this->pages->named($pair)) {
                $names[] = [$pair, $start + (int) $at];
                ++$i;
            } elseif (null !== $this->pages->named($word)) {
                $names[] = [$word, $start + (int) $at];
            } else {
                break;
            }
        }

        return $names;
    }
}

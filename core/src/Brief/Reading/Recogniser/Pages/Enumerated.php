<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Recogniser\Covered;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\PageWordingCues;

/** "home, about, services and contact": a list in a sentence about pages or the site, most of it page names. */
final readonly class Enumerated implements PageWording
{
    private const CERTAINTY = 0.95;
    private const LEAST = 3;
    private const NAME_WORDS = 5;
    /** "…, about me with a picture of me and the bike, and contact" */
    private const WITH = '/(?<=\p{L})(?<!start)(?<!begin)(?<!work) with (?:an?|the|some|our|my|lots|all|pictures?|photos?)\b[^,.;:]*(?=,|\s*[.;!?]?\s*$)/iu';
    private const END = '/[.;!?]\s|\s[-–—]\s|,?\s(?:but|so|nothing|no|that[\'’]?s|not|without|because)\b/iu';

    public function __construct(private PageRequests $make, private Negation $negation, private PageWordingCues $wordings)
    {
    }

    public function requests(Sentence $sentence): iterable
    {
        if (1 !== preg_match($this->wordings->aboutPages, $sentence->text)) {
            return;
        }
        $text = preg_match_all('~\p{L}/(?=\p{L})~u', $sentence->text) > 1 ? str_replace('/', ',', $sentence->text) : $sentence->text;
        $text = preg_match_all('/;\s/u', $text) > 1 ? str_replace(';', ',', $text) : $text;
        $text = Covered::by(' ', self::WITH, $text);
        $from = $this->start($text);
        $list = substr($text, $from);
        if (1 === preg_match(self::END, $list, $stop, \PREG_OFFSET_CAPTURE)) {
            $list = substr($list, 0, (int) $stop[0][1]);
        }
        $parts = Phrase::list($list);
        if (\count($parts) < self::LEAST || !$this->arePages($parts) || $this->negation->covers($sentence, $from)) {
            return;
        }
        foreach ($parts as [$part, $at]) {
            [$name, $about] = 1 === preg_match('/^(.{2,40}?)\s*\((.+?)\)?$/u', $part, $m) ? [$m[1], $m[2]] : [$part, ''];
            if ($this->mayBeName($name)) {
                yield from $this->make->page($name, $sentence->start + $from + $at, self::CERTAINTY, $about);
            }
        }
    }

    /** Where the list begins, in bytes. */
    private function start(string $text): int
    {
        $from = 0;
        foreach ([$this->wordings->beforeFirstPage, $this->wordings->beforeList, $this->wordings->wishedList] as $before) {
            if (1 === preg_match($before, $text, $m, \PREG_OFFSET_CAPTURE)) {
                $from = (int) $m[0][1] + \strlen($m[0][0]);
                break;
            }
        }

        return $from + (1 === preg_match($this->wordings->leadToFirst, substr($text, $from), $lead) ? \strlen($lead[0]) : 0);
    }

    /** @param list<array{string, int}> $parts two known pages, or one among names in capitals */
    private function arePages(array $parts): bool
    {
        $known = $this->make->known($parts);

        return $known > 1 || (1 === $known && [] === array_filter($parts, static fn (array $part): bool => 1 !== preg_match('/^\p{Lu}/u', $part[0])));
    }

    private function mayBeName(string $name): bool
    {
        return str_word_count($name) <= self::NAME_WORDS
            && (1 !== preg_match('/\b(?:we|i|you|it)\b/iu', $name) || 1 === preg_match('/^(?:how|what|where|who|why)\b/iu', $name) || $this->make->isKnown($name));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Cues;

/** "… - shop, workshops, about, say hello": most of it page names, whatever comes before the dash or colon. */
final readonly class ListAfterMark implements PageWording
{
    private const CERTAINTY = 0.93;
    private const LEAST = 3;
    private const KNOWN = 2;
    private const NAME_WORDS = 4;

    /** "the shop, where a few can be bought", "a page that says sell us your books" */
    private const REMARK = '/\s+(?:of course|obviously|naturally)$|,\s.*$|\s(?:where|which|so that)\s.*$/isu';
    /** "… it needs: the front page; the shop; events; visit", "After that, Funerals; Memorials; Costs, by law; About us" */
    private const TOLD = '/(?::\s+|^(?:(?:after (?:that|this|those)|then|next|beyond that|besides)[, ]+)*)(?<list>(?:[^.;!?\n:]{3,120};\s+){3,}[^.;!?\n:]{3,120})/iu';
    private const OF_PAGES = '/\bpages\b[^:]{0,30}:\s*$/iu';
    private const OF_A_SITE = '/\b(?:pages?|site|website|structure|menu|sections?|it)\b/iu';

    public function __construct(private PageRequests $make, private Negation $negation, private Cues $cues)
    {
    }

    public function requests(Sentence $sentence): iterable
    {
        yield from $this->told($sentence);
        if (1 !== preg_match('/(?|(?::|\s[–—-])\s+(?<list>[^.;!?\n:]{8,160})|(?<=pages )\((?<list>[^()]{8,160})\))/u', $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
            return;
        }
        [$list, $offset] = [$m['list'][0], (int) $m['list'][1]];
        $parts = Phrase::list($list);
        $known = \count(array_filter($parts, fn (array $part): bool => $this->make->isKnown(preg_replace('/\s*\(.*$|\swith\s.*$/u', '', $part[0]) ?? $part[0])));
        $arePages = $this->announced($parts, substr($sentence->text, 0, $offset))
            || 1 === preg_match('/\ba page (?:about|for|on|with)\b/iu', $list)
            || (2 * $known >= \count($parts) && $known > 1);
        if (\count($parts) >= self::LEAST && $known > 0 && $arePages && !$this->areFeatures($parts, substr($sentence->text, 0, $offset)) && !$this->negation->covers($sentence, $offset)) {
            yield from $this->make->pages($parts, $sentence->start + $offset, self::CERTAINTY);
        }
    }

    /**
     * "… what it needs: the front page; the shop, where the better ones can be bought; events; and visit, with a map".
     *
     * @return iterable<Candidate>
     */
    private function told(Sentence $sentence): iterable
    {
        if (1 !== preg_match(self::TOLD, $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
            return;
        }
        [$list, $offset] = [$m['list'][0], (int) $m['list'][1]];
        $pages = [];
        foreach (preg_split('/;\s+/u', $list, -1, \PREG_SPLIT_OFFSET_CAPTURE) ?: [] as [$part, $at]) {
            $lead = 1 === preg_match($this->cues->pageWordings->calledInList, $part, $called) ? \strlen($called[0]) : 0;
            $name = rtrim(preg_replace(self::REMARK, '', substr($part, $lead)) ?? $part);
            $pages[] = [$name, $offset + (int) $at + $lead, trim(substr($part, $lead + \strlen($name)), ' ,.')];
        }
        $least = 1 === preg_match(self::OF_PAGES, substr($sentence->text, 0, $offset)) ? 0 : self::KNOWN;
        $isAnnounced = 1 === preg_match('/:\s+$/u', substr($sentence->text, 0, $offset)) ? $this->announced($pages, substr($sentence->text, 0, $offset)) : $this->make->areNames($pages);
        if ($this->make->known($pages) < $least || !$isAnnounced || $this->negation->covers($sentence, $offset)) {
            return;
        }
        foreach ($pages as [$name, $at, $about]) {
            yield from $this->make->page($name, $sentence->start + $at, self::CERTAINTY, $about);
        }
    }

    /**
     * "I do want: questions and answers, a few reviews and the quote form", where no page is spoken of.
     *
     * @param list<array{string, int}> $parts
     */
    private function areFeatures(array $parts, string $before): bool
    {
        $others = array_filter($parts, fn (array $part): bool => $this->make->isKnown($this->named($part[0])) && !$this->namesFeature($this->named($part[0])));

        return [] === $others && 1 !== preg_match(self::OF_A_SITE, $before);
    }

    private function namesFeature(string $words): bool
    {
        return $this->cues->namesFeature($words) || null !== $this->cues->featureAlone($words);
    }

    private function named(string $part): string
    {
        return trim(preg_replace(['/\s*\([^)]*\)/u', '/^(?:an? few|an? couple of|some|several|lots of|of course)\s+|\s+(?:obviously|of course|naturally|please)$/iu'], '', $part) ?? $part);
    }

    /** @param list<array{string, int, 2?: string}> $parts */
    private function announced(array $parts, string $before): bool
    {
        return ($this->make->areNames($parts) || \count($parts) > self::LEAST)
            && 1 === preg_match($this->cues->pageWordings->wantedBeforeMark, $before)
            && [] === array_filter($parts, static fn (array $part): bool => str_word_count($part[0]) > self::NAME_WORDS);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Cues;
use DunePocket\Catalogue\PageKinds;

/** Pages asked for in running text, in all the ways there are. */
final readonly class SpokenPages implements PageWording
{
    private const ELSEWHERE = '/\b(?:current|existing|old|present) (?:web)?site\b|\b(?:facebook|google) page\b|\b(?:had|used to have) (?:an? |the |some )?(?:\p{L}+ )?pages?\b/iu';

    private PageEachFor $eachFor;

    /** @var list<PageWording> what a page of its own is asked for */
    private array $own;

    /** @var list<PageWording> what speaks of pages, unless it speaks of those on another site */
    private array $wordings;

    public function __construct(Cues $cues, PageRequests $make, Negation $negation, PageKinds $pages)
    {
        $wordings = $cues->pageWordings;
        $this->eachFor = new PageEachFor($make, $negation, $wordings);
        $this->own = [new OwnPage($make, $negation, $wordings), new PageEach($make, $negation)];
        $this->wordings = [
            new ListAnew($make, $wordings),
            new PointedAt($make),
            new Enumerated($make, $negation, $wordings),
            new KnownTail($make, $negation),
            new ListAfterMark($make, $negation, $cues),
            new NamesInCapitals($make, $negation),
            new NamesUnseparated($make, $pages),
            new OneAbout($make, $wordings),
            new NamedWish($cues, $make),
            new SomePage($cues, $make, $negation),
            new PagesFor($make, $negation),
            new PageAbout($make, $negation, $wordings),
        ];
    }

    public function requests(Sentence $sentence): iterable
    {
        $forEach = iterator_to_array($this->eachFor->requests($sentence), false);
        if ([] !== $forEach) {
            yield from $forEach;

            return;
        }
        foreach ([...$this->own, ...(1 === preg_match(self::ELSEWHERE, $sentence->text) ? [] : $this->wordings)] as $wording) {
            yield from $wording->requests($sentence);
        }
    }
}

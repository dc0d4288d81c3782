<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\PageWordingCues;

/** "So the list is now home, services and contact.": the pages as they are after all, instead of those asked for before. */
final readonly class ListAnew implements PageWording
{
    /** Marks what is asked for instead of all before it. */
    public const ANEW = 'anew';
    private const CERTAINTY = 0.96;
    private const LEAST = 3;
    /** "The new list is fish, lamb and cake." */
    private const LEAST_KNOWN = 2;

    public function __construct(private PageRequests $make, private PageWordingCues $wordings)
    {
    }

    public function requests(Sentence $sentence): iterable
    {
        if (1 !== preg_match($this->wordings->listedAnew, $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
            return;
        }
        $names = Phrase::list((string) $m['list'][0]);
        if (\count($names) < self::LEAST || \count(array_filter($names, fn (array $name): bool => $this->make->isKnown($name[0]))) < self::LEAST_KNOWN) {
            return;
        }
        foreach ($this->make->pages($names, $sentence->start + (int) $m['list'][1], self::CERTAINTY) as $page) {
            yield $page->isInferred() ? $page : new Candidate($page->kind, $page->value, $page->start, $page->length, $page->certainty, $page->origin, [self::ANEW => true] + $page->detail);
        }
    }
}

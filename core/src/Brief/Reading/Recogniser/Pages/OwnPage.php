<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\PageWordingCues;

/** "Lessons and the sauna need a page each", "each treatment should have its own page" */
final readonly class OwnPage implements PageWording
{
    private const CERTAINTY = 0.93;
    private const SPEAKS_OF_PAGES = '/\b(?:page|section)/iu';
    private const OF_ITS_OWN = '/\b(?:each|every|own|separate|dedicated|apiece)\b/iu';
    private const POINTS_BACK = '/^(?<names>[^,]{3,40}),.*,\s(?:they|these|those|that|it)$/iu';
    /** "The site should have a page …" says nothing of which. */
    private const OF_THE_SITE = '/\b(?:we|i|it|you|they|there|site|website)\b/iu';

    public function __construct(private PageRequests $make, private Negation $negation, private PageWordingCues $wordings)
    {
    }

    public function requests(Sentence $sentence): iterable
    {
        if (1 !== preg_match(self::SPEAKS_OF_PAGES, $sentence->text)) {
            return;
        }
        foreach ($this->wordings->ownPageTold as $wording) {
            if (1 === preg_match($wording, $sentence->text, $named, \PREG_OFFSET_CAPTURE) && !$this->negation->covers($sentence, (int) $named['names'][1] + \strlen($named['names'][0]))) {
                yield from $this->make->pages(Phrase::list($named['names'][0]), $sentence->start + (int) $named['names'][1], self::CERTAINTY);
            }
        }
        if (1 !== preg_match($this->wordings->ownPage, $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
            return;
        }
        [$names, $offset, $whole] = [$m['names'][0], (int) $m['names'][1], $m[0][0]];
        if ((1 !== preg_match(self::OF_ITS_OWN, $whole) && 1 === preg_match(self::OF_THE_SITE, $names)) || $this->negation->covers($sentence, $offset + \strlen($names))) {
            return;
        }
        if (1 === preg_match('/\b(?:each|every|all)(?: of)?(?: the| our| my)?\s+(?<noun>[\p{L}\- ]{3,30})$/iu', $names, $each)) {
            yield $this->make->each($each['noun'], $sentence->start + $offset, \strlen($whole));

            return;
        }
        $names = $this->spokenOf($names);
        $bare = preg_replace('/^.*\b(?:i think|we think|maybe|that|but|so|also|would like|want|need)\s+/iu', '', $names) ?? $names;
        yield from $this->make->pages(Phrase::list($bare), $sentence->start + $offset + \strlen($names) - \strlen($bare), self::CERTAINTY);
    }

    /** "School groups, May and June, they …": what the pronoun stands for, named before it. */
    private function spokenOf(string $names): string
    {
        return 1 === preg_match(self::POINTS_BACK, $names, $m) ? $m['names'] : $names;
    }
}

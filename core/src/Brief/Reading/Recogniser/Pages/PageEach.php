<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Sentence;

/** "one page per town", "a page for each of them" */
final readonly class PageEach implements PageWording
{
    public function __construct(private PageRequests $make, private Negation $negation)
    {
    }

    public function requests(Sentence $sentence): iterable
    {
        if (1 === preg_match('/\b(?:one|an?|1|separate|single) pages? (?:per|for each|for every|each for(?: every)?)\s+(?<noun>(?!of\b)[\p{L}-]+)|(?<=\()(?:(?:one|an?) page|a page of (?:its|their) own) (?:for|per) each(?: one| of them)?(?=\))/iu', $sentence->text, $m, \PREG_OFFSET_CAPTURE) && !$this->negation->covers($sentence, (int) $m[0][1])) {
            yield $this->make->each($m['noun'][0] ?? PageRequests::SERVICE, $sentence->start + (int) $m[0][1], \strlen($m[0][0]));
        }
    }
}

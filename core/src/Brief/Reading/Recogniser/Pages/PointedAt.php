<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;

/** "artists, flash, aftercare, book <- those are the pages" */
final readonly class PointedAt implements PageWording
{
    private const CERTAINTY = 0.95;

    public function __construct(private PageRequests $make)
    {
    }

    public function requests(Sentence $sentence): iterable
    {
        if (1 === preg_match('/^(?<list>[^.;:!?]{8,120}?)\s*(?:<[-–—]+|←|[-–—=,])\s*(?:(?:that[\'’]?s|thats|those are|these are|that is|would be|are)\s+)(?:all )?(?:the |my |our )?pages\b/iu', $sentence->text, $m)) {
            yield from $this->make->pages(Phrase::list($m['list']), $sentence->start, self::CERTAINTY);
        }
    }
}

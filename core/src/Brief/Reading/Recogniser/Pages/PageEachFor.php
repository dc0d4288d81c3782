<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\PageWordingCues;

/** "A page each for walks, picnics and yarn, plus one called Plan your visit" */
final readonly class PageEachFor implements PageWording
{
    private const CERTAINTY = 0.93;

    public function __construct(private PageRequests $make, private Negation $negation, private PageWordingCues $wordings)
    {
    }

    public function requests(Sentence $sentence): iterable
    {
        if (1 !== preg_match($this->wordings->pageEachFor, $sentence->text, $m, \PREG_OFFSET_CAPTURE) || $this->negation->covers($sentence, (int) $m[0][1])) {
            return;
        }
        $parts = Phrase::list($m['names'][0]);
        if (\count($parts) < 2) {
            return;
        }
        yield from $this->make->pages($parts, $sentence->start + (int) $m['names'][1], self::CERTAINTY);
        if (1 === preg_match($this->wordings->oneCalled, $sentence->text, $called, \PREG_OFFSET_CAPTURE)) {
            yield from $this->make->page($called['name'][0], $sentence->start + (int) $called['name'][1], self::CERTAINTY);
        }
    }
}

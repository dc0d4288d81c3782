<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\PageWordingCues;

/** "one on the retreats, one about the barn", where pages are spoken of */
final readonly class OneAbout implements PageWording
{
    private const CERTAINTY = 0.9;

    public function __construct(private PageRequests $make, private PageWordingCues $wordings)
    {
    }

    public function requests(Sentence $sentence): iterable
    {
        if (1 !== preg_match('/\bpages?\b/iu', $sentence->text)) {
            return;
        }
        preg_match_all($this->wordings->oneAbout, $sentence->text, $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        preg_match_all($this->wordings->oneQuoted, $sentence->text, $quoted, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        foreach ([...$matches, ...$quoted] as $m) {
            yield from $this->make->page($m['name'][0], $sentence->start + (int) $m['name'][1], self::CERTAINTY);
        }
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Sentence;

/** "one on the retreats, one about the barn", where pages are spoken of */
final readonly class OneAbout implements PageWording
{
    private const CERTAINTY = 0.9;
    private const ONE_ABOUT = '/(?<!same )(?<!this )(?<!that )(?<!only )\bone\s+(?:more\s+|extra\s+)?(?|(?<name>about (?:us|me))\b|(?:on|about|for|with|called|named|saying|explaining|introducing|describing|setting out|giving|covering|presenting|listing|showing|that (?:says|tells|explains|shows|lists|covers))\s+(?<name>[^.,;!?\n(]{3,50}?)(?=\s*(?:[.,;!?\n(]|$|\sand (?:one|an?|maybe|then)\b|\sas\s|\s(?:which|that) (?:explains|shows|says|tells|covers|lists|has)\b)))/iu';

    /** "… and a 'Find us'" */
    private const QUOTED = '/\b(?:an?|one) ["“\'‘](?<name>\p{Lu}[^"”’.]{2,40})["”’\'](?! page)/u';

    public function __construct(private PageRequests $make)
    {
    }

    public function requests(Sentence $sentence): iterable
    {
        if (1 !== preg_match('/\bpages?\b/iu', $sentence->text)) {
            return;
        }
        preg_match_all(self::ONE_ABOUT, $sentence->text, $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        preg_match_all(self::QUOTED, $sentence->text, $quoted, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        foreach ([...$matches, ...$quoted] as $m) {
            yield from $this->make->page($m['name'][0], $sentence->start + (int) $m['name'][1], self::CERTAINTY);
        }
    }
}

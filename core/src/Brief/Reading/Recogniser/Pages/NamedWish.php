<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Cues;
use DunePocket\Catalogue\Wordings;

/** "Gift vouchers would be lovely"; what a site can do anyway is no page, nor is "it" or "that". */
final readonly class NamedWish implements PageWording
{
    private const CERTAINTY = 0.7;
    private const NAME_WORDS = 3;
    private const PICTURES = '/^(?:[\p{L}]+ )?(?:photos?|pictures?|images?)$/iu';
    private const NO_PAGE = '/^what$|^(?:before|after|by|until|around|sometime)\b|\b(?:it|that|this|which|anything|something|somewhere|help|photos?|pictures?|colou?rs?|people|website|site|copy|words?|style|tone|look)\b/iu';

    public function __construct(private Cues $cues, private PageRequests $make)
    {
    }

    public function requests(Sentence $sentence): iterable
    {
        if (1 === preg_match($this->cues->pageWordings->namedWish, $sentence->text, $m, \PREG_OFFSET_CAPTURE) && $this->isPage($m['name'][0])) {
            yield from $this->make->page($m['name'][0], $sentence->start + (int) $m['name'][1], self::CERTAINTY);
        }
    }

    private function isPage(string $name): bool
    {
        return ($this->make->isKnown($name) && 1 !== preg_match(self::PICTURES, $name)) || (
            str_word_count($name) <= self::NAME_WORDS
            && 1 !== preg_match(self::NO_PAGE, $name)
            && [] === array_filter($this->cues->features, static fn (Wordings $wordings): bool => $wordings->standIn($name))
        );
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Cues;

/** "a gallery page", "the hire and repairs pages" */
final readonly class SomePage implements PageWording
{
    private const CERTAINTY = 0.93;
    private const SOME_PAGE = '/(?<lead>\b(?:an?|the|our|your|my|one|another|and|or|,|own|separate|with|include|simple|plus)\s+)?(?<name>(?:[\p{L}&\'’\/-]+\s+){0,3}?[\p{L}&\'’\/-]+)\s+pages?\b(?!\s+(?:for|about|on|with|explaining|listing|showing|where|that|each|max|or|to)\b)/iu';
    /** "An About page for the two of us" */
    private const KNOWN_PAGE = '/\b(?:an?|the|our|one) (?<name>\p{L}[\p{L}\'’-]+(?: [\p{L}\'’-]+){0,2}) page (?:for|about|on|with|where) /u';
    private const BEFORE_NAME = '/^.*\b(?:an?|the|our|your|my|want|need|have|like|be|is|of|for|with|include|and|or|no|so|has|wants|needs|its|their|maybe|also|just|please|should|to|on|from|see|see the|add|keep|get|then)\s+/iu';
    /** "on the home page" is where something is to be. */
    private const PLACE = '/\b(?:on|to|onto|at the top of) (?:the|our|my|your)\s+$/iu';

    public function __construct(private Cues $cues, private PageRequests $make, private Negation $negation)
    {
    }

    public function requests(Sentence $sentence): iterable
    {
        preg_match_all(self::SOME_PAGE, $sentence->text, $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        preg_match_all(self::KNOWN_PAGE, $sentence->text, $known, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        foreach ([...$matches, ...array_filter($known, fn (array $m): bool => $this->make->isKnown($m['name'][0]))] as $m) {
            $name = $this->cues->pageNames->withoutAdjectives(preg_replace(self::BEFORE_NAME, '', $m['name'][0]) ?? '');
            $offset = (int) $m['name'][1] + \strlen($m['name'][0]) - \strlen($name);
            if ($this->isPage($name, $m['name'][0], $m[0][0]) && !$this->isPlace($name, substr($sentence->text, 0, $offset)) && !$this->negation->covers($sentence, $offset)) {
                yield from $this->make->page($name, $sentence->start + $offset, self::CERTAINTY, length: \strlen($m[0][0]) - ($offset - (int) $m[0][1]));
            }
        }
    }

    private function isPage(string $name, string $words, string $whole): bool
    {
        return $this->cues->pageNames->isName(trim($name))
            && 1 !== preg_match('/\b(?:each|every|own)\b/iu', $words)
            && (1 !== preg_match('/\bpages$/iu', $whole) || $this->make->isKnown($name));
    }

    private function isPlace(string $name, string $before): bool
    {
        return 1 === preg_match(self::PLACE, $before) && 1 === preg_match('/^home\b/iu', $name);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;

/**
 * "It should have The camp, Activities, Rates and Contact": names in capitals after a wish, one at least of a page;
 * without a wish, two.
 */
final readonly class NamesInCapitals implements PageWording
{
    private const CERTAINTY = 0.95;
    private const LEAST = 3;
    private const LONGEST_NAME = 5;
    private const CAPITAL_LIST = '/(?<list>(?-i:(?:The )?\p{Lu}[\p{L}\'’&-]*(?: [\p{L}\'’&-]+){0,4}(?:\s*\([^)]*\))?(?:, (?:The |the )?\p{Lu}[\p{L}\'’&-]*(?: [\p{L}\'’&-]+){0,4}(?:\s*\([^)]*\))?){2,})[^.:;!?\n]*)/iu';
    private const WISHED_LIST = '/\b(?:have|has|include|includes|see|like|want|need|needs|with|are|be|comprise|contain|contains|consist of|into|imagin(?:e|ed|ing)|thinking(?: of)?|suggest|suggests|propose|picture|pages|sections|menu|follows|follow|is|say|think|reckon)\b[^.;!?\n]{0,25}?(?::|\s[–—-])?\s+(?<list>(?-i:(?:the )?\p{Lu})[^.;:!?\n]{8,200})/iu';

    public function __construct(private PageRequests $make, private Negation $negation)
    {
    }

    public function requests(Sentence $sentence): iterable
    {
        $wished = 1 === preg_match(self::WISHED_LIST, $sentence->text, $m, \PREG_OFFSET_CAPTURE);
        if (!$wished && 1 !== preg_match(self::CAPITAL_LIST, $sentence->text, $m, \PREG_OFFSET_CAPTURE)) {
            return;
        }
        [$list, $offset] = [$m['list'][0], (int) $m['list'][1]];
        $parts = Phrase::list(preg_split('/\s[-–—]\s|\s(?:but|because|which|where|so)\s/u', $list)[0] ?? $list);
        $names = $this->names($parts);
        $known = $this->make->known($names);
        $isCutShort = self::LEAST === \count($names) && $known < 2 && \count($names) < \count($parts);
        if (\count($names) >= self::LEAST && $known >= ($wished ? 1 : 2) && !$isCutShort && !$this->negation->covers($sentence, $offset)) {
            yield from $this->make->pages($names, $sentence->start + $offset, self::CERTAINTY);
        }
    }

    /**
     * The parts as far as they are names, without what is said of them.
     *
     * @param list<array{string, int}> $parts
     *
     * @return list<array{string, int}>
     */
    private function names(array $parts): array
    {
        $names = [];
        foreach ($parts as [$part, $at]) {
            $name = trim(preg_replace(['/\s*\([^)]*\)?/u', '/\s+(?:with|for people|please|plus|too|as well)\s.*$/u'], '', $part) ?? $part);
            if (1 !== preg_match('/^(?:the )?\p{Lu}/u', $name) || str_word_count($name) > self::LONGEST_NAME) {
                break;
            }
            $names[] = [$name, $at];
        }

        return $names;
    }
}

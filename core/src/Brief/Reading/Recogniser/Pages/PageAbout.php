<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\PageWordingCues;

/** "a page about the barn", "one page is plenty for the services", "a page for every town" */
final readonly class PageAbout implements PageWording
{
    private const CERTAINTY = 0.93;
    private const NAMED_PAGE = '/(?<name>\p{L}+) page (?:with|where)\s+$/iu';
    private const COUNTED = '/^(?:them|these|those|two|three|four|five|six|seven|eight|nine|ten)$/iu';
    private const PAGE_WITH = '/(?<name>[\p{L}][\p{L} ]{2,39}),?\s+with\s+$/iu';
    private const NO_THING = '/^(?:its|their|our|his|her) own\b|^(?:course$|google|facebook|it|that|this|now|you|(?:us|me)\b.|(?:the )?(?:two|three|four|both|all) of us\b)/iu';

    public function __construct(private PageRequests $make, private Negation $negation, private PageWordingCues $wordings)
    {
    }

    public function requests(Sentence $sentence): iterable
    {
        preg_match_all($this->wordings->pageAbout, $sentence->text, $matches, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        foreach ($matches as $m) {
            [$name, $offset] = [$m['name'][0], (int) $m['name'][1]];
            if ($this->negation->covers($sentence, (int) $m[0][1]) || 1 === preg_match(self::NO_THING, $name) || $this->isNamed(substr($sentence->text, 0, $offset))) {
                continue;
            }
            if (1 === preg_match('/^(?:us|me)$/iu', $name)) {
                if (1 === preg_match('/\babout\s+$/iu', substr($sentence->text, 0, $offset), $about)) {
                    yield from $this->make->page($about[0].$name, $sentence->start + $offset - \strlen($about[0]), self::CERTAINTY);
                }
            } elseif (1 === preg_match('/^(?:each|every)(?: of)?\s+(?:the |our |my )?(.+)$/iu', $name, $each)) {
                yield $this->make->each($this->things($each[1], substr($sentence->text, 0, (int) $m[0][1])), $sentence->start + (int) $m[0][1], \strlen($m[0][0]));
            } else {
                yield from $this->make->pages(Phrase::list($name), $sentence->start + $offset, self::CERTAINTY);
            }
        }
    }

    /** "A contact page with a map": the page has its name, and what follows is on it. */
    private function isNamed(string $before): bool
    {
        return 1 === preg_match(self::NAMED_PAGE, $before, $m) && $this->make->isKnown($m['name']);
    }

    /** "Services, with a page for each of the four": the page before says of what. */
    private function things(string $each, string $before): string
    {
        return 1 === preg_match(self::COUNTED, $each) && 1 === preg_match(self::PAGE_WITH, $before, $page) ? $page['name'] : $each;
    }
}

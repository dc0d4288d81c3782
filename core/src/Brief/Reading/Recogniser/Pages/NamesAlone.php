<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;

/**
 * "Site needs: Listen, Repertoire, Prices, Book us": names in capitals, one at least of a page; or half of them;
 * "Stock - Restoration - Visit the yard - Sell to us" can be nothing else.
 */
final readonly class NamesAlone implements PageWording
{
    private const CERTAINTY = 0.9;
    private const LEAST = 3;
    private const SHORT = 3;
    /** "Please build: Play - Coaching - News" */
    private const LEAD = '/^[^:,\p{Pd}|]{3,30}:\s+(?=\S)/u';
    private const TOPICS = [null, 'page_count', 'page_limit'];
    /** A list that begins or ends with one of these is one of pages. */
    private const AT_THE_ENDS = '/^\s*(?:home|about)\b|\b(?:contact(?: us| me)?|find (?:us|the \p{L}+)|where we are|get in touch|visit us|about(?: us| me)?)\s*(?:\([^)]*\))?\s*$/iu';
    /** "Shop - Recipes - Contact" */
    private const BETWEEN_NAMES = '/\s+(?:[-–—·|•>]|\/{1,2}|->|→)\s+/u';
    /** "Sell to us": a capital at its head and none after. */
    private const TITLE = '/^\p{Lu}\p{Ll}*(?:[\s-]\p{Ll}+)+$/u';

    public function __construct(private PageRequests $make)
    {
    }

    public function requests(Sentence $sentence): iterable
    {
        $text = rtrim($sentence->text, " .\n");
        $text = preg_replace_callback(self::LEAD, static fn (array $m): string => str_repeat(' ', \strlen($m[0])), $text) ?? $text;
        $isSeparated = preg_match_all(self::BETWEEN_NAMES, $text) > 1;
        if ($isSeparated) {
            $text = preg_replace_callback(self::BETWEEN_NAMES, static fn (array $m): string => str_pad(',', \strlen($m[0])), $text) ?? $text;
        }
        $parts = Phrase::list($text);
        if (\count($parts) < self::LEAST) {
            return;
        }
        $known = $this->make->known($parts);
        $unasked = \in_array($sentence->block->topic, self::TOPICS, true);
        $arePages = $known > 0 || ($unasked && \count($parts) > self::LEAST && ($isSeparated || $this->haveTitles($parts)));
        if ($arePages && (($unasked && $this->areOfASite($parts, $text, $known)) || $this->make->areNames($parts))) {
            yield from $this->make->pages($parts, $sentence->start, self::CERTAINTY);
        }
    }

    /** @param list<array{string, int}> $parts */
    private function areOfASite(array $parts, string $text, int $known): bool
    {
        $long = array_filter($parts, static fn (array $part): bool => str_word_count(preg_replace('/\s*\([^)]*\)/u', '', $part[0]) ?? $part[0]) > self::SHORT && 1 !== preg_match('/^(?:how|what|where|why|who)\b/iu', $part[0]));

        return [] === $long
            && (1 === preg_match(self::AT_THE_ENDS, $text) || ($known > 1 && 2 * $known >= \count($parts)))
            && $this->make->mentionsPage($text);
    }

    /** @param list<array{string, int}> $parts */
    private function haveTitles(array $parts): bool
    {
        return [] !== array_filter($parts, static fn (array $part): bool => 1 === preg_match(self::TITLE, $part[0]));
    }
}

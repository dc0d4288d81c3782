<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting;

use DunePocket\Brief\Reading\Phrase;

/** What lists of pages are known by before any page is read: names that hardly anything else has. */
final class NamesOfPages
{
    private const NAME = '/^(?:home|about(?: (?:us|me))?|contact(?: us)?|our [\p{L} ]{3,20}|(?:how|what|where|who) [\p{L} ]{3,20}|fees(?: and .*)?|menus|opening (?:hours|times)|history|prices|pricing|costs|gallery|faqs?|news|blog|shop|events|courses|classes|services|products|stock|support us|donate|volunteer|careers|(?:meet|our) the team|(?:meet|find|visit|join|hire|book|sell|stay)\b[\p{L} ’\']{0,16}|get (?:involved|in touch|a quote)|book|jobs|reviews|testimonials|membership|timetable|resources|case studies|projects|portfolio|work)$/iu';
    /** "I've noted Home, Repairs and Contact." */
    private const BEFORE_LIST = '/^.{0,40}?\b(?:noted|got|put(?: down)?|have|written(?: down)?|pages?|said|menu)\b(?: so far| here)?[,:.]?\s+(?=\p{L}[^,]*,)/iu';
    /** "Pages. Home, landlords, tenants?" */
    private const SAYS_PAGES = '/^(?:so |and |ok(?:ay)?[, ]+|right[, ]+|then |the )*(?:pages?|menu|sitemap|structure)\b[,:.]\s/iu';
    private const FEWEST = 3;
    private const KNOWN = 2;

    public static function has(string $name): bool
    {
        return 1 === preg_match(self::NAME, trim($name));
    }

    /** Whether a sentence enumerates three names or more of which two are such. */
    public static function areListedIn(string $sentence): bool
    {
        $list = rtrim(preg_replace(self::BEFORE_LIST, '', trim($sentence)) ?? $sentence, " .?!\n");
        $names = array_map(static fn (array $part): string => $part[0], Phrase::list($list));

        return \count($names) >= self::FEWEST && \count(array_filter($names, self::has(...))) >= (1 === preg_match(self::SAYS_PAGES, $sentence) ? 1 : self::KNOWN);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Language\Typography;

/** Small tidying of words lifted out of a sentence. */
final class Phrase
{
    /** Stands for a space inside words that belong together, while an enumeration is split. */
    private const BOUND = "\x01";
    /** So many parts between semicolons are names with an "and" of their own: "courses; dates and prices; book". */
    private const GROUPS = 4;
    /** Stands for a comma between numbers. */
    private const COMMA = "\x02";
    /** "food and drink" */
    private const NUMBERED = '/^\s*1[.):]?\s+\p{L}.*\s2[.):]?\s+\p{L}.*\s3[.):]?\s+\p{L}/u';
    private const NUMBER = '/(?:^\s*|(?<=\s))(?<number>\d{1,2})[.):]?(?=\s+\p{L})/u';
    private const PAIRS = '/\b(?:(?:mon|tues|wednes|thurs|fri|satur|sun)days? and (?:mon|tues|wednes|thurs|fri|satur|sun)days?|new and used|used and new|old and new|large and small|small and large|hot and cold|indoor and outdoor|domestic and commercial|residential and commercial|commercial and (?:domestic|residential|industrial)|day and evening|weekday and weekend|(?:men[\'’]s|women[\'’]s|ladies[\'’]) and (?:men[\'’]s|women[\'’]s|gents[\'’])|interior and exterior|inside and outside|walk and talk|opening and closing|meet and greet|show and tell|pick and mix|mix and match|knit and natter|stay and play|pay and display|come and (?:sing|try|play|dance)|try and buy|make and take|hop and shop|click and collect|park and ride|(?:sip|paint) and (?:sip|paint)|learn and play|lost and found|drop and collect|wine and cheese|tea and cake|gin and tonic|rock and roll|song and dance|before and after|now and (?:again|then)|again and again|black and white|more and more|off and on|on and off|dos and don[\'’]?ts|terms and conditions|bed (?:and|&) breakfast|questions (?:and|&) answers|q (?:and|&) a|news (?:and|&) events|health and safety|arts and crafts|first and foremost|food and drinks?|tips and tricks|parents? and toddlers?|rise and recline|pie and mash|fish and chips|bits and pieces|drop and go|hop on and off|cut and colour|wash and cut|cash and carry|mother and baby|facts and figures|research and development|wills and probate|probate and wills|health and beauty|food and wine|sales and marketing|design and build|supply and fit|service and repair|wine and dine|sales and lettings|search and rescue|drop[- ]off and collection|collection and delivery|pick[- ]up and delivery)\b/iu';
    /** "full days and half days" */
    private const SAME_NOUN = '/^\s*(?:\S+\s+){1,2}(?<noun>\p{L}{3,})\s+(?:and|or|&)\s+(?:\S+\s+){1,2}\k<noun>(?=\s(?:in|on|at|for|with|by)\s|$)/iu';
    /** "for 2, 3 and 4 year olds" */
    private const NUMBERS = '/\b\d{1,3}(?:, \d{1,3})*,? (?:and|or|&) \d{1,3}(?= \p{L})/u';

    public static function tidy(string $text): string
    {
        $text = preg_replace('/\s+/u', ' ', $text) ?? $text;
        $text = preg_replace('/[*_`]+/', '', $text) ?? $text;

        $text = trim($text, " \t\n\r\0\x0B.,;:–—-\"“”");

        return str_ends_with($text, ')') && !str_contains($text, '(') ? rtrim($text, ')') : $text;
    }

    /** "the sauna" -> "Sauna": a name for something that was said in passing. */
    public static function title(string $text): string
    {
        $bare = self::withoutArticle(self::tidy($text));

        return Typography::capital($bare);
    }

    /** "SALT ROAD KITCHEN", "plumb right" -> "Salt Road Kitchen", "Plumb Right"; small words stay small. */
    public static function properName(string $text): string
    {
        $name = mb_convert_case(self::tidy($text), \MB_CASE_TITLE);

        return preg_replace_callback('/(?<=\s)(?:And|Of|The|In|On|For|N)\b/u', static fn (array $m): string => mb_strtolower($m[0]), $name) ?? $name;
    }

    /** "Aldous Bell Hangers of Dereham" is a name and a place. */
    public static function withoutPlace(string $name): string
    {
        return preg_replace(['/\s+(?:in|since)\s+(?:19|20)\d\d$/u', '/^((?:\S+\s+){2,}\S+(?<!Museum|School|Society|House|Academy|College|Institute|Guild|Friends|Church|Company|Centre|Center|Gallery|League|University|World|Festival|Theatre|Order|Army|Bank))\s+of\s+\p{Lu}\S+$/u', '/^(\S+\s+(?:&\s+)?\p{Lu}\S+[^s\W]s)\s+of\s+\p{Lu}\S+$/u', '/^(\S+\s+\S.*?)\s+on\s+(?:\p{Lu}\S+\s+){1,3}(?:Street|St|Road|Rd|Lane|Avenue|Hill|Row|Square|Way|Close|Quay|Parade|Terrace|Green)$/u', '/^(\S+\s+\S.*?)\s+on\s+the\s+\p{Lu}\S+(?:\s+(?:and\s+)?\p{Lu}\S+)*$/u', '/^((?:\S+\s+){2,}\S+)\s+on\s+\p{Lu}\S+$/u', '/^(\S+\s+\S.*?)\s+(?:in|near|at)\s+(?!Home$)\p{Lu}\S+(?:\s+\p{Lu}\S+){0,2}$/u'], '$1', $name) ?? $name;
    }

    /** "A shop pleas", where "e" follows: the last word is not all there. */
    public static function wholeWords(string $text, string $after): string
    {
        return 1 === preg_match('/^\p{L}/u', $after) ? (preg_replace('/\s*[\p{L}\'’-]+$/u', '', $text) ?? $text) : $text;
    }

    public static function withoutArticle(string $text): string
    {
        return preg_replace('/^(?:(?:an?|the|our|my|some|your|their|its)\s+)+/iu', '', $text) ?? $text;
    }

    /**
     * Splits an enumeration at commas, semicolons, slashes between words, and the last "and" or "or"; at the ends of
     * lines only where there are no commas.
     *
     * @return list<array{string, int}> the parts with their offsets in bytes
     */
    public static function list(string $text): array
    {
        $groups = self::split('/\s*;\s*(?![^(]*\))/u', $text, 0);
        $areNames = \count($groups) >= self::GROUPS && !str_contains($text, ',');

        return array_merge([], ...array_map(static fn (array $group): array => $areNames && 1 !== preg_match('/^(?:and|or|&)\s/iu', $group[0]) ? [$group] : self::enumeration(...$group), $groups));
    }

    /** @return list<array{string, int}> */
    private static function enumeration(string $text, int $start): array
    {
        $parts = [];
        $text = self::withPairsBound(self::withoutNumbers($text));
        $text = preg_replace_callback(self::NUMBERS, static fn (array $m): string => strtr($m[0], [' ' => self::BOUND, ',' => self::COMMA]), $text) ?? $text;
        $text = str_contains($text, ',') ? strtr($text, "\n", ' ') : $text;
        $byComma = self::split('/\s*(?:[,\n]|\s(?:\/\/|[\/|•·+>›→»])\s|\sand also\s|,?\sby which (?:i|we) mean\s|(?<!minus|zero)\splus\s)\s*(?![^(]*\))/u', $text, $start);
        foreach ($byComma as $i => [$part, $offset]) {
            $last = $i === \count($byComma) - 1;
            $endsList = ($i > 0 || 2 === \count($byComma)) && 1 === preg_match('/^(?:and|then|plus|as well as|also|together with|along with)\b/iu', $byComma[$i + 1][0] ?? '') || (!$last && 1 === preg_match('/\s(?:too|as well)$/iu', $byComma[$i + 1][0] ?? ''));
            $pieces = $last || $endsList || substr_count($part, ' & ') > 1 || 1 === preg_match(self::SAME_NOUN, $part) ? self::split('/(?:^|\s+)(?:and|or|&|[\'’]?n[\'’]?|plus|as well as)\s+(?:also\s+)?(?![^(]*\))/iu', $part, $offset) : [[$part, $offset]];
            $pieces = self::withPlacesTogether($pieces);
            $areTitles = \count($byComma) > 1 && self::areTitles(array_column($pieces, 0));
            if ($last && \count($pieces) > 1 && \count($byComma) > 1 && '' !== $pieces[0][0] && !$areTitles && self::areBound($pieces)) {
                $pieces = [[$part, $offset]];
            } elseif (\count($pieces) > 1 && 1 === \count($byComma) && self::areBound($pieces)) {
                $pieces = [[$part, $offset]];
            }
            foreach ($pieces as [$piece, $at]) {
                $bare = preg_replace('/^(?:(?:oh,? and|and|or|plus|also|then|together with|along with)(?:\s+|$)|of course,?\s+|\((?:\d{1,2}|[a-h]|i{1,3}|iv|vi{0,3})\)\s*)+/iu', '', $piece) ?? $piece;
                if ('' !== trim($bare)) {
                    $parts[] = [preg_replace('/\s+(?:and|or|&)?\s*$/iu', '', strtr($bare, [self::BOUND => ' ', self::COMMA => ','])) ?? $bare, $at + \strlen($piece) - \strlen($bare)];
                }
            }
        }

        return $parts;
    }

    /** "1 prices 2 about us 3 book now" */
    private static function withoutNumbers(string $text): string
    {
        if (1 !== preg_match(self::NUMBERED, $text)) {
            return $text;
        }
        preg_match_all(self::NUMBER, $text, $numbers);

        return array_map(intval(...), $numbers['number']) !== range(1, \count($numbers['number'])) ? $text : preg_replace_callback(self::NUMBER, static fn (array $m): string => str_pad('1' === $m['number'] ? '' : ',', \strlen($m[0])), $text) ?? $text;
    }

    /** "Food and drink" is one thing. */
    private static function withPairsBound(string $text): string
    {
        return 1 === preg_match('/\s(?:and|&)\s/iu', $text) ? preg_replace_callback(self::PAIRS, static fn (array $m): string => strtr($m[0], ' ', self::BOUND), $text) ?? $text : $text;
    }

    /**
     * "MIG for Motorists and Artistic Metalwork", at the end of a list: the names of two courses.
     *
     * @param list<string> $pieces
     */
    private static function areTitles(array $pieces): bool
    {
        return [] === array_filter($pieces, static fn (string $piece): bool => 1 !== preg_match('/^\p{Lu}\S* \p{L}/u', $piece));
    }

    /**
     * "cakes for weddings" and "birthdays", unless a bracket closes the first: "paella for groups (from eight)".
     *
     * @param list<array{string, int}> $pieces two at least
     */
    private static function areBound(array $pieces): bool
    {
        return self::bindsOn($pieces[0][0]) && !str_ends_with($pieces[0][0], ')') && !self::standsAlone($pieces[1][0] ?? '');
    }

    /** A phrase with a preposition takes what follows an "and" with it: "cakes for weddings and birthdays". */
    private static function bindsOn(string $phrase): bool
    {
        return 1 === preg_match('/\s(?:for|to(?! \d)|with|between|from(?! (?:january|february|march|april|may|june|july|august|september|october|november|december|spring|summer|autumn|winter)\b)|at(?! (?:weekends|night|lunchtime|lunch|christmas|easter|halloween)\b| (?:our|my) \p{L}+ $))\s/iu', ' '.(preg_replace('/\s*\([^)]*\)/u', '', $phrase) ?? $phrase).' ');
    }

    /**
     * What the parts of an enumeration enumerate in their turn.
     *
     * @param list<array{string, int}> $parts
     *
     * @return list<array{string, int}>
     */
    public static function listsIn(array $parts): array
    {
        return array_merge([], ...array_map(static fn (array $part): array => self::enumeration($part[0], $part[1]), $parts));
    }

    /**
     * "barn conversions across Somerset and Dorset": the second place belongs to the first.
     *
     * @param list<array{string, int}> $pieces
     *
     * @return list<array{string, int}>
     */
    private static function withPlacesTogether(array $pieces): array
    {
        $together = [];
        foreach ($pieces as $i => [$piece, $at]) {
            $follows = $i > 0 && 1 === preg_match('/\s(?:in|across|throughout|around|round|over|near|from|between) \p{Lu}\p{Ll}+$/u', $pieces[$i - 1][0]) && 1 === preg_match('/^\p{Lu}\p{Ll}+(?: \p{Lu}\p{Ll}+)?[.!]?$/u', trim($piece));
            $together = $follows
                ? [...\array_slice($together, 0, -1), [$pieces[$i - 1][0].' and '.trim($piece), $pieces[$i - 1][1]]]
                : [...$together, [$piece, $at]];
        }

        return $together;
    }

    /** "… and camping by the river" has a preposition of its own. */
    private static function standsAlone(string $phrase): bool
    {
        return self::bindsOn($phrase) || 1 === preg_match('/\s(?:by|near|under|along|beside) (?:the|an?)\s/iu', $phrase);
    }

    /** @return list<array{string, int}> */
    private static function split(string $pattern, string $text, int $base): array
    {
        return array_values(array_map(
            static fn (array $part): array => [$part[0], $base + (int) $part[1]],
            preg_split($pattern, $text, -1, \PREG_SPLIT_OFFSET_CAPTURE) ?: [],
        ));
    }
}

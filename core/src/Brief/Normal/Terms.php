<?php

declare(strict_types=1);

namespace DunePocket\Brief\Normal;

/** What is said of an offering beside its price: how long it takes, where it is, what is taken off. */
final class Terms
{
    private const NUMBER = '(?:\d+(?:[.,]\d+)?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|half an?|an?|a full|a whole|full|whole|half)';
    private const DURATION = '~(?<![\p{L}\d])(?:'.self::NUMBER.'(?:\s?(?:-|–|to|or)\s?'.self::NUMBER.')?[\s-]?(?:and a half[\s-])?(?:minutes?|mins?|hours?|hrs?|days?|weeks?|months?|evenings?|nights?|weekends?|terms?)\b(?:\s(?:and\s)?(?:a half|'.self::NUMBER.'\s(?:minutes?|mins?)))?|all[- ]day|half[- ]day|full[- ]day)(?![\s-]*(?:old|notice|before|later|ago|a week|off))~iu';
    /** A price by the hour is no duration. */
    private const RATE = '~[£$€]\s?[\d.,]+\s*(?:an?|per|/|each)\s*(?:\d+\s*)?\p{L}+~iu';
    private const PLACE = '~\b(?:online|outdoors|on site|on-site|by post|(?:in|at|on|from) (?:your|our|my|the) (?!(?:price|day|hour|week|evening|morning|afternoon|end|same|whole|way)\b)(?:[\p{L}’\'-]+ ){0,2}[\p{L}’\'-]+(?=\s*(?:[,;.)]|$|and\b))|(?:in|at) (?!(?:January|February|March|April|May|June|July|August|September|October|November|December|Spring|Summer|Autumn|Winter|Christmas|Easter)\b)(?-i:\p{Lu})[\p{L}’\'-]+(?: (?-i:\p{Lu})[\p{L}’\'-]+)*)~u';
    private const PRICE = '~^(?:from |only |just |about |around )?(?:[£$€]\s?\d|\d[\d.,]*\s?(?:pounds|euros?|dollars|quid|[£€]))~iu';
    private const DISCOUNT = '~(?:\d+ ?(?:%|per ?cent)|[£$€]\s?\d+(?:\.\d\d)?) (?:off|discount|reduction|cheaper)\b[^,;.)]*|\bhalf[- ]price\b[^,;.)]*|\b(?:free|reduced|discounts?|concessions?) (?:for|of|from|to) [^,;.)]+~iu';

    /** Whether the words are about how long, where or for how much, from their beginning on: "30 min, £35", "from £40". */
    public static function begin(string $words): bool
    {
        return 1 === preg_match(self::PRICE, $words) || [] !== array_filter([self::DURATION, self::PLACE, self::DISCOUNT], static fn (string $pattern): bool => 1 === preg_match($pattern, $words, $m, \PREG_OFFSET_CAPTURE) && 0 === $m[0][1]);
    }

    /** @return array{duration?: string, place?: string, discount?: string} those that the words hold */
    public static function of(string $words): array
    {
        $terms = [];
        foreach (['discount' => self::DISCOUNT, 'duration' => self::DURATION, 'place' => self::PLACE] as $kind => $pattern) {
            $searched = 'duration' === $kind ? preg_replace([self::RATE, self::DISCOUNT], '', $words) ?? $words : $words;
            if (1 === preg_match($pattern, $searched, $m)) {
                $terms[$kind] = trim($m[0]);
            }
        }

        return $terms;
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Normal\Hours;

use DunePocket\Brief\Normal\Weekday;

/** Days as people name them: "Tues to Sat", "weekends", "Mo-Fr", "Wednesday and Friday evenings". */
final class Days
{
    /** "Mo-Fr", "Tu,Th 9-5"; but not "We are open" */
    private const SHORT = '(?<!\p{L})(?:(?-i:Mo|Tu|We|Th|Fr|Sa|Su)(?=\s*(?:[-–:\/&]|\d|,\s*(?-i:Mo|Tu|We|Th|Fr|Sa|Su)\b))|(?<=[-–,\/&]|[-–,\/&] )(?-i:Mo|Tu|We|Th|Fr|Sa|Su))(?!\p{L})';
    private const DAY = '(?:\b(?:mon|tues?|wed(?:nes)?|weds|thu(?:rs?)?|fri|sat(?:ur)?|sun)(?:days?)?s?\b\.?|'.self::SHORT.')';
    private const THROUGH = '\s*(?:-|–|—|\bto\b|\btill?\b|\buntil\b|\bthrough\b|\bthru\b)\s*';
    private const SETS = [
        'mon-fri' => '(?:on )?(?:weekdays?|working days|week days)\b|(?<!\p{L})(?-i:M)\s?[-–]\s?(?-i:F)(?!\p{L})',
        'sat-sun' => '(?:on |at )?(?:the )?weekends?\b(?: only)?',
        'mon-sun' => '\b(?:every ?day|daily|each day|all week(?: long| round)?|(?:seven|7) days(?: a week| per week)?|any day|mo-su)\b',
    ];
    private const AND = '\s*(?:,|\band\b|&|\+|\/|\bor\b)\s*(?:on |also )?';
    private const PART = '(?:\s+(?:mornings?|afternoons?|evenings?|nights?|only)\b)?';

    /** What days look like, for a larger pattern that ignores case. */
    public static function pattern(): string
    {
        $one = '(?:'.implode('|', self::SETS).'|'.self::DAY.'(?:'.self::THROUGH.self::DAY.')?)'.self::PART;

        return "(?:$one(?:".self::AND."$one)*)";
    }

    /**
     * @param string $words that match the pattern
     *
     * @return list<Weekday> in the order of the week
     */
    public static function of(string $words): array
    {
        $days = [];
        foreach (self::SETS as $ends => $set) {
            if (1 === preg_match("~$set~iu", $words)) {
                $days += self::through(...explode('-', $ends));
                $words = preg_replace("~$set~iu", ' ', $words) ?? $words;
            }
        }
        preg_match_all('~('.self::DAY.')(?:'.self::THROUGH.'('.self::DAY.'))?~iu', $words, $found, \PREG_SET_ORDER);
        foreach ($found as $one) {
            $days += self::through($one[1], $one[2] ?? $one[1]);
        }
        ksort($days);

        return array_values($days);
    }

    /** @return non-empty-list<Weekday> */
    public static function all(): array
    {
        return Weekday::cases();
    }

    /**
     * @param list<Weekday> $days
     * @param list<Weekday> $others
     *
     * @return list<Weekday>
     */
    public static function without(array $days, array $others): array
    {
        return array_values(array_filter($days, static fn (Weekday $day): bool => !\in_array($day, $others, true)));
    }

    /** @return array<int, Weekday> by their number */
    private static function through(string $from, string $to): array
    {
        [$first, $last] = [Weekday::named($from), Weekday::named($to)];
        $days = [];
        for ($day = $first; null !== $day && null !== $last; $day = Weekday::from($day->value % 7 + 1)) {
            $days[$day->value] = $day;
            if ($day === $last) {
                break;
            }
        }

        return $days;
    }
}

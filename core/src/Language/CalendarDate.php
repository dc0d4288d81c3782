<?php

declare(strict_types=1);

namespace DunePocket\Language;

/** Dates as people write them, into ISO 8601. */
final class CalendarDate
{
    private const MONTHS = ['jan' => 1, 'feb' => 2, 'mar' => 3, 'apr' => 4, 'may' => 5, 'jun' => 6, 'jul' => 7, 'aug' => 8, 'sep' => 9, 'oct' => 10, 'nov' => 11, 'dec' => 12];
    private const MONTH = '(?<month>jan(?:uary)?|feb(?:ruary)?|mar(?:ch)?|apr(?:il)?|may|june?|july?|aug(?:ust)?|sept?(?:ember)?|oct(?:ober)?|nov(?:ember)?|dec(?:ember)?)\.?';
    private const DAY = '(?<day>\d{1,2})(?:st|nd|rd|th)?';
    private const YEAR = '(?<year>\d{4})';

    /**
     * @param bool $monthFirst whether 3/4/2027 means the fourth of March, as in the United States
     *
     * @return ?string "2027-06-30", or "2027-06" when no day is named; null when there is no such date, or no year
     */
    public static function iso(string $text, bool $monthFirst = false): ?string
    {
        $number = $monthFirst ? '(?<month>\d{1,2})[\/.\-](?<day>\d{1,2})' : '(?<day>\d{1,2})[\/.\-](?<month>\d{1,2})';
        $shapes = [
            '\b'.self::YEAR.'-(?<month>\d{2})-(?<day>\d{2})\b',
            '(?<!\d)'.self::YEAR.'(?<month>\d{2})(?<day>\d{2})(?!\d)',
            '\b'.self::DAY.'\s+(?:of\s+)?'.self::MONTH.',?\s+'.self::YEAR.'\b',
            '\b'.self::MONTH.'\s+'.self::DAY.',?\s+'.self::YEAR.'\b',
            '\b'.$number.'[\/.\-]'.self::YEAR.'\b',
            '\b'.self::MONTH.',?\s+'.self::YEAR.'\b',
            '\b'.self::YEAR.'-(?<month>\d{2})(?![\d-])',
        ];
        foreach ($shapes as $shape) {
            if (1 === preg_match("/$shape/iu", $text, $m)) {
                return self::written((int) $m['year'], self::MONTHS[strtolower(substr($m['month'], 0, 3))] ?? (int) $m['month'], isset($m['day']) ? (int) $m['day'] : null);
            }
        }

        return null;
    }

    private static function written(int $year, int $month, ?int $day): ?string
    {
        if (!checkdate($month, $day ?? 1, $year)) {
            return null;
        }

        return null === $day ? \sprintf('%04d-%02d', $year, $month) : \sprintf('%04d-%02d-%02d', $year, $month, $day);
    }
}

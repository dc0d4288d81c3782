<?php

declare(strict_types=1);

namespace DunePocket\Brief\Normal\Hours;

/** A time of day as people say it: "half eight", "8.30am", "1730", "noon", "14 Uhr"; and how it is written. */
final readonly class Clock
{
    private const HOURS = ['one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10, 'eleven' => 11, 'twelve' => 12];
    private const NOON = 720;
    private const DAY = 1440;
    /** Before this hour nothing opens, so that "2-6" and "from 5" are of the afternoon. */
    private const EARLIEST = 360;
    private const WORD = '(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)';
    private const HALF = '(?:\s*(?:am\b|pm\b|a\.m\.?|p\.m\.?|uhr\b|hrs?\b|h\b|o[\'’]?clock\b)|\s+in the (?:morning|afternoon|evening)|\s+at night)?';

    /** What a time of day looks like, for a larger pattern that ignores case. */
    public const PATTERN = '(?:(?:noon|midday|midnight)\b|(?<![\d.,:£$€])(?:(?:(?:0\d|1[0-8])[0-5][05]|(?:19|2[0-4])[0-5]0)(?!\d)|\d{1,2}(?:[.:h][0-5]\d)?(?!\d|%|[.,]\d)|\b(?:half(?: past)?|quarter (?:past|to))\s+(?:'.self::WORD.'\b|\d{1,2}\b)|\b'.self::WORD.'\b(?:[ -](?:thirty|fifteen|forty-five)\b)?)'.self::HALF.')';

    private function __construct(public int $minutes, public bool $isSaid)
    {
    }

    /** @param string $words that match the pattern; whether morning or afternoon is meant is said or not */
    public static function of(string $words): self
    {
        $words = mb_strtolower(trim($words));
        if (1 === preg_match('/^(?:noon|midday)/', $words)) {
            return new self(self::NOON, true);
        }
        if (str_starts_with($words, 'midnight')) {
            return new self(self::DAY, true);
        }
        preg_match('/(?<hour>'.self::WORD.'|\d{1,2})(?:[.:h]?(?<minute>\d\d))?/', $words, $m);
        $hour = self::HOURS[$m['hour'] ?? ''] ?? (int) ($m['hour'] ?? 0);
        $minutes = 60 * $hour + (int) ($m['minute'] ?? 0) + match (true) {
            str_contains($words, 'quarter to') => -15,
            1 === preg_match('/quarter past|fifteen/', $words) => 15,
            1 === preg_match('/half|thirty/', $words) => 30,
            str_contains($words, 'forty-five') => 45,
            default => 0,
        };

        return match (true) {
            1 === preg_match('/(?:\d|\b)\s*p\.?m\b|afternoon|evening|at night/', $words) => new self($minutes < self::NOON ? $minutes + self::NOON : $minutes, true),
            1 === preg_match('/(?:\d|\b)\s*a\.?m\b|morning/', $words) => new self($minutes >= self::NOON ? $minutes - self::NOON : $minutes, true),
            default => new self($minutes, $hour > 12 || str_contains($words, 'uhr') || 1 === preg_match('/^0?\d{3,4}|^0\d/', $words)),
        };
    }

    /** @return array{string, string} from and to as "09:00": "9-5" is from nine in the morning to five in the afternoon */
    public static function span(self $from, self $to, bool $evening = false): array
    {
        $start = $from->minutes;
        $end = $to->minutes;
        if (!$from->isSaid && $start < self::NOON && ($evening || $start < self::EARLIEST || ($to->isSaid && $end > self::NOON && $start + self::NOON < $end && $start < self::EARLIEST + 60))) {
            $start += self::NOON;
        }
        if (!$to->isSaid && $end <= $start && $end <= self::NOON) {
            $end += self::NOON;
        }

        return [self::written($start), self::written(min($end, self::DAY))];
    }

    /** "from 6": an opening time alone is of the evening when nothing opens so early. */
    public function asOpening(): string
    {
        return self::written(!$this->isSaid && $this->minutes <= self::EARLIEST ? $this->minutes + self::NOON : $this->minutes);
    }

    /** "until 8": a closing time alone is of the afternoon, unless it was said. */
    public function asClosing(): string
    {
        return self::written(!$this->isSaid && $this->minutes < self::NOON ? $this->minutes + self::NOON : $this->minutes);
    }

    /** @param string $written "17:30" */
    public static function spoken(string $written): string
    {
        [$hours, $minutes] = array_map(intval(...), explode(':', $written));
        if (0 === $minutes && 0 === $hours % 12) {
            return 12 === $hours ? 'noon' : 'midnight';
        }

        return (0 === $hours % 12 ? 12 : $hours % 12).(0 === $minutes ? '' : \sprintf('.%02d', $minutes)).($hours < 12 ? ' am' : ' pm');
    }

    private static function written(int $minutes): string
    {
        return \sprintf('%02d:%02d', intdiv($minutes, 60), $minutes % 60);
    }
}

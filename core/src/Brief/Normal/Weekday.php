<?php

declare(strict_types=1);

namespace DunePocket\Brief\Normal;

/** The days of the week by ISO 8601, Monday first, with the two letters schema.org writes them by. */
enum Weekday: int
{
    case Monday = 1;
    case Tuesday = 2;
    case Wednesday = 3;
    case Thursday = 4;
    case Friday = 5;
    case Saturday = 6;
    case Sunday = 7;

    public function short(): string
    {
        return substr($this->name, 0, 2);
    }

    /** "Tues", "thurs", "weds", "Mo" and the like; null when it is no day. */
    public static function named(string $word): ?self
    {
        $start = strtolower(substr($word, 0, 3));
        foreach (self::cases() as $day) {
            if (\strlen($start) > 1 && str_starts_with(strtolower($day->name), $start)) {
                return $day;
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Normal;

/**
 * Opening hours as clients write them, as days and times, and back as clean text. What is written for programs follows
 * the openingHours property of schema.org: "Mo-Fr 09:00-17:00", "Tu,Th 16:00-20:00"; times by ISO 8601.
 */
final readonly class OpeningHours
{
    private const DAY = '(?:mon|tue|wed|thu|fri|sat|sun)[a-z]*\.?';
    private const TIME = '(?:\d{1,2}(?:[.:]\d\d)?\s*(?:am|pm|a\.m\.|p\.m\.|h)?|noon|midday|midnight)';
    private const SPANS = ['weekdays' => 'mon-fri', 'weekday' => 'mon-fri', 'weekends' => 'sat-sun', 'weekend' => 'sat-sun', 'every day' => 'mon-sun', 'everyday' => 'mon-sun', 'daily' => 'mon-sun', 'seven days a week' => 'mon-sun', 'seven days' => 'mon-sun', '7 days' => 'mon-sun', 'all week' => 'mon-sun'];

    /** @param non-empty-list<array{days: non-empty-list<Weekday>, from: string, to: string}> $times from and to as 24-hour "09:00" */
    private function __construct(public array $times)
    {
    }

    /** Null when there are no days with times in it. */
    public static function read(string $text): ?self
    {
        $text = mb_strtolower(str_replace(['–', '—', ' until ', ' till ', ' to '], ['-', '-', '-', '-', '-'], $text));
        $days = '(?:'.implode('|', array_keys(self::SPANS)).'|'.self::DAY.'(?:\s*(?:-|,|and|&|\+|\/)\s*'.self::DAY.')*)';
        $span = '(?<from>'.self::TIME.')\s*-\s*(?<to>'.self::TIME.')';
        $times = [];
        $known = [];
        preg_match_all("~(?<days>$days)|$span~iu", $text, $tokens, \PREG_SET_ORDER | \PREG_UNMATCHED_AS_NULL);
        $waiting = null;
        foreach ($tokens as $token) {
            if (null !== ($token['days'] ?? null)) {
                if (null !== $waiting && [] === $known) {
                    $times[] = ['days' => self::days($token['days']), ...$waiting];
                    $waiting = null;
                    continue;
                }
                $known = self::days($token['days']);
                continue;
            }
            [$from, $to] = self::span((string) ($token['from'] ?? ''), (string) ($token['to'] ?? ''));
            if ([] === $known) {
                $waiting = ['from' => $from, 'to' => $to];
            } else {
                $times[] = ['days' => $known, 'from' => $from, 'to' => $to];
            }
        }
        $times = array_values(array_filter($times, static fn (array $time): bool => [] !== $time['days']));

        return [] === $times ? null : new self($times);
    }

    /** @return list<string> one for each stretch: "Mo-Fr 09:00-17:00" */
    public function toSchema(): array
    {
        return array_map(static fn (array $time): string => self::joined($time['days'], static fn (Weekday $day): string => $day->short(), '-', ',').' '.$time['from'].'-'.$time['to'], $this->times);
    }

    public function toText(): string
    {
        return implode('; ', array_map(static fn (array $time): string => self::joined($time['days'], static fn (Weekday $day): string => $day->name, ' to ', ', ').' '.self::spoken($time['from']).' to '.self::spoken($time['to']), $this->times));
    }

    /** @return list<Weekday> */
    private static function days(string $words): array
    {
        $words = self::SPANS[trim($words)] ?? trim($words);
        $days = [];
        foreach (preg_split('/\s*(?:,|and|&|\+|\/)\s*/u', $words) ?: [] as $part) {
            $ends = array_values(array_filter(array_map(Weekday::named(...), explode('-', str_replace(' ', '', $part)))));
            if (2 === \count($ends)) {
                for ($day = $ends[0]->value; true; $day = $day % 7 + 1) {
                    $days[$day] = Weekday::from($day);
                    if ($day === $ends[1]->value) {
                        break;
                    }
                }
            } elseif (1 === \count($ends)) {
                $days[$ends[0]->value] = $ends[0];
            }
        }

        return array_values($days);
    }

    /** @return array{string, string} "9-5" is from nine in the morning to five in the afternoon */
    private static function span(string $from, string $to): array
    {
        [$start, $startSaid] = self::minutes($from);
        [$end, $endSaid] = self::minutes($to);
        if (!$startSaid && $endSaid && $end >= 720 && $start < 720 && $start + 720 < $end && $start < 420) {
            $start += 720;
        }
        if (!$endSaid && $end <= $start && $end <= 720) {
            $end += 720;
        }

        return [self::clock($start), self::clock($end)];
    }

    /** @return array{int, bool} minutes since midnight, and whether morning or afternoon was said */
    private static function minutes(string $time): array
    {
        if (\in_array($time, ['noon', 'midday'], true)) {
            return [720, true];
        }
        if ('midnight' === $time) {
            return [1440, true];
        }
        preg_match('/(\d{1,2})(?:[.:](\d\d))?\s*(a|p)?/', $time, $m);
        $hours = min(24, (int) ($m[1] ?? 0));
        $minutes = 60 * $hours + (int) ($m[2] ?? 0);
        $half = $m[3] ?? '';

        return match ($half) {
            'p' => [$hours < 12 ? $minutes + 720 : $minutes, true],
            'a' => [12 === $hours ? $minutes - 720 : $minutes, true],
            default => [$minutes, $hours > 12],
        };
    }

    private static function clock(int $minutes): string
    {
        return \sprintf('%02d:%02d', intdiv($minutes, 60) % 24, $minutes % 60);
    }

    private static function spoken(string $clock): string
    {
        [$hours, $minutes] = array_map(intval(...), explode(':', $clock));
        $shown = (0 === $hours % 12 ? 12 : $hours % 12).(0 === $minutes ? '' : \sprintf('.%02d', $minutes));

        return 720 === 60 * $hours + $minutes ? 'noon' : $shown.($hours < 12 ? ' am' : ' pm');
    }

    /**
     * @param non-empty-list<Weekday>   $days
     * @param callable(Weekday): string $name
     */
    private static function joined(array $days, callable $name, string $through, string $and): string
    {
        $numbers = array_map(static fn (Weekday $day): int => $day->value, $days);
        $last = $days[\count($days) - 1];
        if (\count($days) > 2 && range($numbers[0], $numbers[0] + \count($days) - 1) === $numbers) {
            return $name($days[0]).$through.$name($last);
        }

        return implode($and, array_map($name, $days));
    }
}

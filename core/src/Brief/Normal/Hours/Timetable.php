<?php

declare(strict_types=1);

namespace DunePocket\Brief\Normal\Hours;

use DunePocket\Brief\Normal\Weekday;

/** Puts the pieces of opening hours together, clause by clause. */
final class Timetable
{
    /** In bytes: a season that stands so near behind times is theirs. */
    private const RIGHT_BEHIND = 2;

    /** @var list<Stretch> */
    private array $stretches = [];
    /** @var list<Weekday> those spoken of last */
    private array $days = [];
    private string $season = '';
    private bool $inTheEvening = false;
    /** @var list<Token> times whose days are not known yet */
    private array $waiting = [];
    /** @var list<Stretch> what was known before it was said what is closed */
    private array $beforeClosing = [];
    private ?Clock $opens = null;
    private ?Clock $closes = null;

    /** @return list<Stretch> */
    public static function of(string $text): array
    {
        $table = new self();
        foreach (preg_split('/[;\n]|(?<!\ba\.m|\bp\.m)(?<=\p{L}{3}|\d\d|\d)\.\s+(?=\p{Lu})/u', $text) ?: [] as $clause) {
            $table->hear(Token::in($clause));
        }

        return $table->stretches;
    }

    /** @param list<Token> $tokens of one clause */
    private function hear(array $tokens): void
    {
        $this->season = '';
        $this->inTheEvening = false;
        $this->waiting = [];
        $this->opens = $this->closes = null;
        $ofDays = array_values(array_filter($tokens, static fn (Token $token): bool => TokenKind::Days === $token->kind));
        $times = array_values(array_filter($tokens, static fn (Token $token): bool => $token->isTime()));
        $timesFirst = [] !== $ofDays && [] !== $times && $times[0]->start < $ofDays[0]->start;
        $before = null;
        foreach ($tokens as $token) {
            match ($token->kind) {
                TokenKind::Season => $this->inSeason($token, $before),
                TokenKind::Days => $this->onDays($token, $timesFirst),
                TokenKind::Except => $this->days = $this->withoutDays(Days::of($token->words)),
                TokenKind::Closed => $this->closed(Days::of($token->words)),
                TokenKind::Holidays => $this->days = [],
                TokenKind::AllDay => $this->allDay(),
                default => $this->atTimes($token, $timesFirst),
            };
            $before = $token;
        }
        $this->settle();
        if (null !== $this->opens && [] !== $this->days) {
            $this->stretches[] = new Stretch($this->days, $this->opens->asOpening(), '', $this->season);
        }
    }

    /** "In winter 10-4", "10-5 April to October": of what follows, or of what it stands right behind. */
    private function inSeason(Token $token, ?Token $before): void
    {
        $season = ucfirst(trim(preg_replace('/^(?:in (?:the )?|from |during |through )/i', '', $token->words) ?? $token->words));
        $last = $this->stretches[\count($this->stretches) - 1] ?? null;
        $isRightBehind = null !== $before && null !== $last && $token->start - $before->end() <= self::RIGHT_BEHIND;
        $closed = $isRightBehind && TokenKind::Closed === $before->kind ? Days::of($before->words) : [];
        if ([] !== $closed) {
            $this->stretches = [...$this->beforeClosing, new Stretch($closed, '', '', $season)];
        } elseif ($isRightBehind && $before->isTime()) {
            $this->stretches = [...\array_slice($this->stretches, 0, -1), new Stretch($last->days, $last->from, $last->to, $season)];
        } else {
            $this->season = $season;
        }
    }

    /** @param list<Weekday> $days */
    private function closed(array $days): void
    {
        $this->beforeClosing = $this->stretches;
        $this->withoutDays($days);
    }

    private function onDays(Token $token, bool $timesFirst): void
    {
        if (!$timesFirst && null !== $this->closes) {
            $this->settle();
        }
        $this->days = Days::of($token->words);
        $this->inTheEvening = $token->inTheEvening;
        if ($timesFirst) {
            $this->settle();
        }
    }

    private function atTimes(Token $token, bool $timesFirst): void
    {
        if (TokenKind::Opens === $token->kind) {
            $this->opens = $token->from;
        } elseif (TokenKind::Closes === $token->kind) {
            $this->closes = $token->to;
        } else {
            $this->waiting[] = $token;
        }
        if (!$timesFirst && TokenKind::Range === $token->kind) {
            $this->settle();
        }
    }

    /** What waited for its days has them, or takes those spoken of before. */
    private function settle(): void
    {
        $days = $this->days;
        if ([] === $days) {
            return;
        }
        foreach ($this->waiting as $token) {
            if (null !== $token->from && null !== $token->to) {
                $this->open($days, $token->from, $token->to, $token->inTheEvening);
            }
        }
        $this->waiting = [];
        if (null === $this->closes) {
            return;
        }
        if (null !== $this->opens) {
            $this->open($days, $this->opens, $this->closes);
        } else {
            $this->stayOpen($days, $this->closes->asClosing());
        }
        $this->opens = $this->closes = null;
    }

    /** @param non-empty-list<Weekday> $days */
    private function open(array $days, Clock $from, Clock $to, bool $inTheEvening = false): void
    {
        [$start, $end] = Clock::span($from, $to, $inTheEvening || $this->inTheEvening);
        $this->stretches[] = new Stretch($days, $start, $end, $this->season);
    }

    private function allDay(): void
    {
        $this->stretches[] = Stretch::allDay([] === $this->days ? Days::all() : $this->days, $this->season);
    }

    /**
     * "Thursdays until 8": of what was said of these days only the end is another; days not spoken of open as the others do.
     *
     * @param non-empty-list<Weekday> $days
     */
    private function stayOpen(array $days, string $to): void
    {
        $stretches = [];
        foreach ($this->stretches as $stretch) {
            $late = array_values(array_filter($stretch->days, static fn (Weekday $day): bool => \in_array($day, $days, true)));
            $rest = $stretch->on(Days::without($stretch->days, $days));
            array_push($stretches, ...array_filter([$rest, [] === $late ? null : new Stretch($late, $stretch->from, $to, $stretch->season)]));
        }
        $known = array_merge([], ...array_map(static fn (Stretch $stretch): array => $stretch->days, $this->stretches));
        $others = Days::without($days, $known);
        $last = $this->stretches[\count($this->stretches) - 1] ?? null;
        $this->stretches = [] === $others || null === $last ? $stretches : [...$stretches, new Stretch($others, $last->from, $to, $last->season)];
    }

    /**
     * @param list<Weekday> $closed
     *
     * @return list<Weekday> the days spoken of last without those
     */
    private function withoutDays(array $closed): array
    {
        $this->stretches = array_values(array_filter(array_map(static fn (Stretch $stretch): ?Stretch => $stretch->on(Days::without($stretch->days, $closed)), $this->stretches)));

        return Days::without($this->days, $closed);
    }
}

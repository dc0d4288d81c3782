<?php

declare(strict_types=1);

namespace DunePocket\Brief\Normal\Hours;

use DunePocket\Brief\Normal\Weekday;

/** Some days on which it is open from one time to another; all day from "00:00" to "24:00", closed from "" to "", till late to "". */
final readonly class Stretch
{
    private const START = '00:00';
    private const END = '24:00';

    /**
     * @param non-empty-list<Weekday> $days   in the order of the week
     * @param string                  $season "Easter to October", or "" when it holds all year
     */
    public function __construct(
        public array $days,
        public string $from,
        public string $to,
        public string $season = '',
    ) {
    }

    /** @param non-empty-list<Weekday> $days */
    public static function allDay(array $days, string $season = ''): self
    {
        return new self($days, self::START, self::END, $season);
    }

    /** @param list<Weekday> $days */
    public function on(array $days): ?self
    {
        return [] === $days ? null : new self($days, $this->from, $this->to, $this->season);
    }

    /** "Tu,Th 16:00-20:00", by the openingHours property of schema.org */
    public function toSchema(): string
    {
        return $this->days(static fn (Weekday $day): string => $day->short(), '-', ',').($this->isAllDay() ? '' : " $this->from-$this->to");
    }

    /** "Easter to October: Monday to Friday" */
    public function when(): string
    {
        return ('' === $this->season ? '' : "$this->season: ").$this->days(static fn (Weekday $day): string => $day->name, ' to ', ', ');
    }

    /** "9 am to 5 pm", "from 6 pm", "closed" */
    public function times(): string
    {
        return match (true) {
            '' === $this->from => 'closed',
            $this->isOpenEnded() => 'from '.Clock::spoken($this->from),
            $this->isAllDay() => 'all day',
            default => Clock::spoken($this->from).' to '.Clock::spoken($this->to),
        };
    }

    /** Whether it was not said when it closes. */
    public function isOpenEnded(): bool
    {
        return '' !== $this->from && '' === $this->to;
    }

    private function isAllDay(): bool
    {
        return self::START === $this->from && self::END === $this->to;
    }

    /** @param callable(Weekday): string $name */
    private function days(callable $name, string $through, string $and): string
    {
        $runs = [];
        foreach ($this->days as $day) {
            $last = array_key_last($runs);
            $before = null === $last ? null : $runs[$last][\count($runs[$last]) - 1];
            if (null !== $last && $before?->value === $day->value - 1) {
                $runs[$last][] = $day;
            } else {
                $runs[] = [$day];
            }
        }

        return implode($and, array_map(static fn (array $run): string => \count($run) > 2 ? $name($run[0]).$through.$name($run[\count($run) - 1]) : implode($and, array_map($name, $run)), $runs));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Resolving;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Places;

/** What is offered is told once: prices said elsewhere join it, and part of a longer name is no other offering. */
final readonly class Offerings implements Rule
{
    private const LISTED = 0.95;
    /** What is no more than likely gives way to a page of the same words that is no less likely. */
    private const LIKELY = 0.75;
    private const SHORT = 3;
    /** In bytes. */
    private const IN_ONE_LIST = 300;

    public function weigh(Contenders $contenders, Weighing $weighing): Contenders
    {
        $contenders = $contenders->only(FactKind::Offering, fn (Candidate $offering): bool => !$this->isWhere($offering, $contenders) && !($offering->certainty <= self::LIKELY && $this->isSurelyPage($offering, $contenders)));

        return $contenders->with(FactKind::Offering, $this->merged($this->listedFirst($contenders->all(FactKind::Offering), $weighing)));
    }

    /** "Grab rails across Devon" is offered there; "Devon" alone is not. */
    private function isWhere(Candidate $offering, Contenders $contenders): bool
    {
        return [] !== array_filter($contenders->all(FactKind::AreaServed), static fn (Candidate $area): bool => $area->start <= $offering->start && $area->overlaps($offering));
    }

    private function isSurelyPage(Candidate $offering, Contenders $contenders): bool
    {
        return $contenders->overlap(FactKind::PageRequest, $offering)
            && [] !== array_filter($contenders->all(FactKind::PageRequest), static fn (Candidate $page): bool => $page->certainty >= $offering->certainty && $page->overlaps($offering));
    }

    /**
     * @param array<Candidate> $offerings
     *
     * @return array<Candidate>
     */
    private function merged(array $offerings): array
    {
        /** @var array<int, Candidate> $merged */
        $merged = [];
        $keys = [];
        $places = new Places();
        $byWord = [];
        foreach ($offerings as $candidate) {
            $number = $this->numberOfSame($candidate, $merged, $keys, [...$places->near($candidate), ...$this->near($candidate->key(), $byWord)]) ?? \count($merged);
            $merged[$number] = isset($merged[$number]) ? $merged[$number]->joined($candidate) : $candidate;
            $keys[$number] = $merged[$number]->key();
            $places->put($number, $merged[$number]);
            foreach ($this->outerWords($keys[$number]) as $word) {
                $byWord[$word][$number] = $number;
            }
        }

        return $merged;
    }

    /**
     * @param array<int, Candidate> $known
     * @param array<int, string>    $keys  of the known
     * @param list<int>             $near  numbers of the known that may be the same
     */
    private function numberOfSame(Candidate $candidate, array $known, array $keys, array $near): ?int
    {
        sort($near);
        $key = $candidate->key();
        foreach ($near as $number) {
            if (($keys[$number] === $key || $this->areSame($keys[$number], $key) && !$this->areListedTogether($known[$number], $candidate)) || $known[$number]->overlaps($candidate)) {
                return $number;
            }
        }

        return null;
    }

    /**
     * @param array<string, array<int, int>> $byWord
     *
     * @return list<int>
     */
    private function near(string $key, array $byWord): array
    {
        return array_merge(...array_map(static fn (string $word): array => array_values($byWord[$word] ?? []), $this->outerWords($key)));
    }

    /** @return list<string> the first and the last: names that are the same in other words share one of them */
    private function outerWords(string $key): array
    {
        return [strstr($key, ' ', true) ?: $key, substr(strrchr(' '.$key, ' ') ?: $key, 1)];
    }

    /**
     * Where the client gives a list, what was said in passing before it is the same in other words.
     *
     * @param list<Candidate> $offerings
     *
     * @return array<Candidate>
     */
    private function listedFirst(array $offerings, Weighing $weighing): array
    {
        $isListed = static fn (Candidate $offering): bool => $offering->certainty >= self::LISTED;
        $listed = array_values(array_filter($offerings, $isListed));

        return \count($listed) < 2 ? $offerings : array_filter($offerings, static fn (Candidate $offering): bool => $isListed($offering) || $offering->start > $listed[0]->start || $weighing->areInOneBlock($offering, $listed[0]) || isset($offering->detail['price']));
    }

    /** "Eye tests, children’s eye tests": two things of one list, however alike. */
    private function areListedTogether(Candidate $one, Candidate $other): bool
    {
        return min($one->certainty, $other->certainty) >= self::LISTED && abs($other->start - $one->start) < self::IN_ONE_LIST;
    }

    /** "hedge laying" and "laying" are the same; "gates" and "oak gates and posts" are not. */
    private function areSame(string $one, string $other): bool
    {
        return (\strlen($other) > self::SHORT && str_starts_with($one, $other.' '))
            || str_ends_with($one, ' '.$other)
            || str_ends_with($other, ' '.$one);
    }
}

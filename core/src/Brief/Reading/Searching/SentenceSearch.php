<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Searching;

use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Wordings;

/**
 * Finds the sentences in which a wording stands: of many wordings few stand in any one source. A short source is looked
 * through whole; in a long one only the sentences are that hold the letters a wording needs. What it finds is still to
 * be read in the sentence itself; it finds too much rather than too little.
 */
final class SentenceSearch
{
    /** Ends a line and a sentence, and is nothing that a wording could reach across. */
    private const BETWEEN = "\n\x01.;\n";
    /** What stands at the beginning or end of a sentence. */
    private const ANCHOR = '/(?<![\[\\\\])\^|(?<!\\\\)\$/';
    /** From how many sentences or bytes on it pays to know their words. */
    private const MANY = 250;
    private const LONG = 40_000;
    /** Looking through sentences one by one pays for up to this part of them. */
    private const FEW = 0.4;

    private readonly string $text;

    /** @var list<int> where the sentences begin in the text, in bytes */
    private readonly array $starts;

    private readonly ?WordIndex $index;

    /** @var \WeakMap<Wordings, array<int, true>> the sentences in which one of them stands, by number */
    private readonly \WeakMap $known;

    /** @param list<string> $sentences */
    public function __construct(private readonly array $sentences)
    {
        $starts = [];
        $length = 0;
        foreach ($sentences as $sentence) {
            $starts[] = $length;
            $length += \strlen($sentence) + \strlen(self::BETWEEN);
        }
        $this->starts = $starts;
        $this->known = new \WeakMap();
        $this->text = implode(self::BETWEEN, $sentences);
        $this->index = \count($sentences) < self::MANY && $length < self::LONG ? null : new WordIndex($sentences);
    }

    /** @param list<Sentence> $sentences */
    public static function in(array $sentences): self
    {
        return new self(array_map(static fn (Sentence $sentence): string => $sentence->text, $sentences));
    }

    /**
     * @param string $pattern a regular expression without the modifier for lines
     *
     * @return iterable<int> numbers of the sentences, from 0, in order
     */
    public function numbers(string $pattern): iterable
    {
        $need = null === $this->index ? null : NeededWords::of($pattern);
        $holding = null === $need ? null : $this->index?->holding($need);
        // The same expression for short and long sources, as PHP keeps a limited number of them ready.
        $searched = 1 === preg_match(self::ANCHOR, $pattern) ? $pattern.'m' : $pattern;

        return null !== $holding && \count($holding) < self::FEW * \count($this->sentences) ? $this->among($holding, $searched) : $this->throughout($searched);
    }

    /** Whether the pattern may stand in any sentence, told without looking for it. */
    public function mayStand(string $pattern): bool
    {
        $need = null === $this->index ? null : NeededWords::of($pattern);

        return null === $need || [] !== $this->index?->holding($need);
    }

    /** Whether one of the wordings may stand in the sentence of this number, from 0. */
    public function mayHold(Wordings $wordings, int $number): bool
    {
        $this->known[$wordings] ??= array_fill_keys(array_merge(...array_map(fn (string $pattern): array => iterator_to_array($this->numbers($pattern), false), $wordings->few)), true);

        return isset($this->known[$wordings][$number]);
    }

    /**
     * @template T
     *
     * @param array<array-key, T>       $things
     * @param callable(T): list<string> $patterns of each
     *
     * @return array<int, array<array-key, T>> by number of the sentence those things of which a pattern stands in it, under their keys and in their order; by number, from the first
     */
    public function holding(array $things, callable $patterns): array
    {
        $held = [];
        foreach ($things as $key => $thing) {
            foreach ($patterns($thing) as $pattern) {
                foreach ($this->numbers($pattern) as $number) {
                    $held[$number][$key] = $thing;
                }
            }
        }
        ksort($held);

        return $held;
    }

    /**
     * @param list<int> $numbers
     *
     * @return iterable<int>
     */
    private function among(array $numbers, string $pattern): iterable
    {
        foreach ($numbers as $number) {
            if (1 === preg_match($pattern, $this->sentences[$number])) {
                yield $number;
            }
        }
    }

    /** @return iterable<int> */
    private function throughout(string $pattern): iterable
    {
        $number = 0;
        while (isset($this->starts[$number]) && 1 === preg_match($pattern, $this->text, $m, \PREG_OFFSET_CAPTURE, $this->starts[$number])) {
            while (isset($this->starts[$number + 1]) && $this->starts[$number + 1] <= $m[0][1]) {
                ++$number;
            }
            yield $number++;
        }
    }
}

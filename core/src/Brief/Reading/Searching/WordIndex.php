<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Searching;

/** In which sentences the words of a text stand. Sets of sentences are strings with a bit for each. */
final class WordIndex
{
    /** All words, each once and after a space, so that letters are looked for in all of them at once. */
    private readonly string $words;

    /** @var list<string> in the order of their bytes */
    private readonly array $sorted;

    /** @var array<string, list<int>> numbers of the sentences in which a word stands */
    private readonly array $numbers;

    private readonly string $none;

    /** @var array<string, string> the sentences that hold these letters */
    private array $known = [];

    /** @param list<string> $sentences */
    public function __construct(array $sentences)
    {
        $numbers = [];
        foreach ($sentences as $number => $sentence) {
            foreach (array_unique(preg_split('/[^\p{L}]+/u', mb_strtolower($sentence), -1, \PREG_SPLIT_NO_EMPTY) ?: []) as $word) {
                $numbers[$word][] = $number;
            }
        }
        ksort($numbers, \SORT_STRING);
        $this->numbers = $numbers;
        $this->sorted = array_map(strval(...), array_keys($numbers));
        $this->words = ' '.implode(' ', $this->sorted).' ';
        $this->none = str_repeat("\0", intdiv(\count($sentences), 8) + 1);
    }

    /** @return list<int> numbers of the sentences that hold what is needed, in order */
    public function holding(Need $need): array
    {
        return $this->listed($need->in($this));
    }

    /**
     * @param string $letters in lower case, with a space where a word begins or ends
     *
     * @return string the sentences with a word that has them, a bit for each
     */
    public function with(string $letters): string
    {
        return $this->known[$letters] ??= $this->set($this->wordsWith($letters));
    }

    /** @return iterable<string> */
    private function wordsWith(string $letters): iterable
    {
        if (' ' !== $letters[0]) {
            return $this->wordsAround($letters);
        }

        return str_ends_with($letters, ' ') ? [trim($letters)] : $this->wordsFrom(substr($letters, 1));
    }

    /** @return iterable<string> */
    private function wordsAround(string $letters): iterable
    {
        $at = strpos($this->words, $letters);
        while (false !== $at) {
            $start = (int) strrpos($this->words, ' ', $at - \strlen($this->words)) + 1;
            $end = (int) strpos($this->words, ' ', $start);
            yield substr($this->words, $start, $end - $start);
            $at = strpos($this->words, $letters, $end);
        }
    }

    /** @return iterable<string> */
    private function wordsFrom(string $letters): iterable
    {
        [$low, $high] = [0, \count($this->sorted)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            [$low, $high] = strcmp($this->sorted[$middle], $letters) < 0 ? [$middle + 1, $high] : [$low, $middle];
        }
        for (; str_starts_with($this->sorted[$low] ?? '', $letters); ++$low) {
            yield $this->sorted[$low];
        }
    }

    /** @param iterable<string> $words */
    private function set(iterable $words): string
    {
        $set = $this->none;
        foreach ($words as $word) {
            foreach ($this->numbers[$word] ?? [] as $number) {
                $set[$number >> 3] = \chr(\ord($set[$number >> 3]) | 1 << ($number & 7));
            }
        }

        return $set;
    }

    /** @return list<int> */
    private function listed(string $set): array
    {
        $numbers = [];
        for ($byte = strspn($set, "\0"), $length = \strlen($set); $byte < $length; $byte += 1 + strspn($set, "\0", $byte + 1)) {
            for ($bit = 0, $bits = \ord($set[$byte]); $bits > 0; ++$bit, $bits >>= 1) {
                if (1 === ($bits & 1)) {
                    $numbers[] = ($byte << 3) + $bit;
                }
            }
        }

        return $numbers;
    }
}

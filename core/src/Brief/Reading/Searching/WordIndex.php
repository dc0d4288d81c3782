<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Searching;

/** In which sentences the words of a text stand. Sets of sentences are strings with a bit for each. */
final class WordIndex
{
    /** All words, each once and after a space, so that letters are looked for in all of them at once. */
    private readonly string $words;

    /** @var array<string, list<int>> numbers of the sentences in which a word stands */
    private readonly array $numbers;

    /** @var array<string, string> the sentences that hold these letters */
    private array $known = [];

    /** @param list<string> $sentences */
    public function __construct(private readonly array $sentences)
    {
        $numbers = [];
        foreach ($sentences as $number => $sentence) {
            foreach (array_unique(preg_split('/[^\p{L}]+/u', mb_strtolower($sentence), -1, \PREG_SPLIT_NO_EMPTY) ?: []) as $word) {
                $numbers[$word][] = $number;
            }
        }
        $this->numbers = $numbers;
        $this->words = ' '.implode(' ', array_keys($numbers)).' ';
    }

    /**
     * @param non-empty-list<non-empty-list<string>> $needs as NeededWords tells them
     *
     * @return list<int> numbers of the sentences that hold what is needed, in order
     */
    public function holding(array $needs): array
    {
        $sentences = array_map(fn (array $need): string => array_reduce($need, fn (?string $any, string $letters): string => null === $any ? $this->with($letters) : $any | $this->with($letters)) ?? '', $needs);

        return $this->listed(array_reduce($sentences, static fn (?string $all, string $some): string => null === $all ? $some : $all & $some) ?? '');
    }

    private function with(string $letters): string
    {
        return $this->known[$letters] ??= $this->found($letters);
    }

    private function found(string $letters): string
    {
        $bytes = array_fill(0, intdiv(\count($this->sentences), 8) + 1, 0);
        $at = strpos($this->words, $letters);
        while (false !== $at) {
            $start = ' ' === $letters[0] ? $at : (int) strrpos($this->words, ' ', $at - \strlen($this->words));
            $end = (int) strpos($this->words, ' ', $start + 1);
            foreach ($this->numbers[substr($this->words, $start + 1, $end - $start - 1)] as $number) {
                $bytes[$number >> 3] |= 1 << ($number & 7);
            }
            $at = strpos($this->words, $letters, $end);
        }

        return pack('C*', ...$bytes);
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

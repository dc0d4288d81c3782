<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

/** How much each word, or whatever else is to be seen, speaks for something, as a logistic regression found it. */
final readonly class WordWeights
{
    /** The weight of a sentence about whose words nothing is known. */
    public const NONE = '';

    /** @param array<string, float> $weights by word or pair of words */
    public function __construct(private array $weights)
    {
    }

    /**
     * @param string $lines a weight, a tab and the words, one to a line
     *
     * @return array<string, float> by word or pair of words
     */
    public static function parse(string $lines): array
    {
        $weights = [];
        foreach (explode("\n", $lines) as $line) {
            if ('' !== $line && '#' !== $line[0]) {
                [$weight, $words] = explode("\t", $line, 2);
                $weights[$words] = (float) $weight;
            }
        }

        return $weights;
    }

    /**
     * The logarithm of the odds: above 0 it is more likely than not.
     *
     * @param list<string> $words each once
     */
    public function odds(array $words): float
    {
        return ($this->weights[self::NONE] ?? 0.0) + $this->sum($words);
    }

    /**
     * What the words add to the odds.
     *
     * @param list<string> $words each once
     */
    public function sum(array $words): float
    {
        $sum = 0.0;
        foreach ($words as $word) {
            $sum += $this->weights[$word] ?? 0.0;
        }

        return $sum;
    }
}

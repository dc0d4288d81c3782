<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

/** Weights of words for several things, each as in WordWeights, looked up once for all of them. */
final readonly class WeightsOfMany
{
    /** @var list<string> in the order in which their odds are told */
    public array $things;

    /** @var array<string, array<int, float>> by word, then by number of the thing */
    private array $weights;

    /** @var list<float> the weight of a sentence about whose words nothing is known, of each thing */
    private array $none;

    /** @param array<string, array<string, float>> $weights by thing, then by word */
    public function __construct(array $weights)
    {
        $byWord = [];
        foreach (array_values($weights) as $number => $words) {
            foreach ($words as $word => $weight) {
                $byWord[$word][$number] = $weight;
            }
        }
        $this->things = array_keys($weights);
        $this->none = array_map(static fn (array $words): float => $words[WordWeights::NONE] ?? 0.0, array_values($weights));
        $this->weights = $byWord;
    }

    /**
     * @param list<string> $words each once
     *
     * @return list<float> the logarithm of the odds of each thing
     */
    public function odds(array $words): array
    {
        $sums = array_fill(0, \count($this->things), 0.0);
        foreach ($words as $word) {
            foreach ($this->weights[$word] ?? [] as $number => $weight) {
                $sums[$number] += $weight;
            }
        }

        return array_map(static fn (float $none, float $sum): float => $none + $sum, $this->none, $sums);
    }
}

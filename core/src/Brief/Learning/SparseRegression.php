<?php

declare(strict_types=1);

namespace DunePocket\Brief\Learning;

/**
 * Logistic regression that keeps few weights: "follow the regularised leader, proximal" with a penalty on the sum of
 * the weights' sizes (McMahan and others: Ad Click Prediction, KDD 2013, algorithm 1). The order of the samples counts;
 * the same samples in the same order give the same weights.
 */
final class SparseRegression
{
    /** The trait that every sample has. */
    public const ALWAYS = '';
    private const RATE = 0.1;
    private const SMOOTHING = 1.0;
    private const FARTHEST = 35.0;

    /** @var array<string, int> the number of each trait */
    private array $numbers = [self::ALWAYS => 0];
    /** @var array<int, int> how many samples have each trait */
    private array $seen = [0 => 0];
    /** @var list<array{list<list<int>>, bool, float}> */
    private array $samples = [];

    /**
     * @param float $penalty the higher, the fewer weights
     * @param int   $rounds  how often all samples are looked at
     * @param int   $fewest  samples that must have a trait for it to get a weight
     */
    public function __construct(private readonly float $penalty, private readonly int $rounds, private readonly int $fewest)
    {
    }

    /**
     * Numbers for traits, to be handed to sample(); what many samples share is numbered once.
     *
     * @param list<string> $traits each once
     *
     * @return list<int>
     */
    public function numbers(array $traits): array
    {
        return array_map(fn (string $trait): int => $this->numbers[$trait] ??= \count($this->numbers), $traits);
    }

    /**
     * @param list<list<int>> $traits  groups of numbers() of the traits that a sample has
     * @param bool            $isMeant whether it is what is looked for
     * @param float           $counts  for so many samples
     */
    public function sample(array $traits, bool $isMeant, float $counts = 1.0): void
    {
        foreach ($traits as $group) {
            foreach ($group as $number) {
                $this->seen[$number] = ($this->seen[$number] ?? 0) + 1;
            }
        }
        $this->samples[] = [$traits, $isMeant, $counts];
    }

    /** @return array<string, float> by trait, only those that have a weight; ALWAYS among them */
    public function weights(): array
    {
        $this->seen[0] = \count($this->samples);
        $pull = $energy = array_fill(0, \count($this->numbers), 0.0);
        $weights = $pull;
        for ($round = 0; $round < $this->rounds; ++$round) {
            foreach ($this->samples as [$groups, $isMeant, $counts]) {
                $odds = $weights[0];
                foreach ($groups as $group) {
                    foreach ($group as $number) {
                        $odds += $weights[$number];
                    }
                }
                $gradient = $counts * (1 / (1 + exp(-max(-self::FARTHEST, min(self::FARTHEST, $odds)))) - ($isMeant ? 1.0 : 0.0));
                foreach ([[0], ...$groups] as $group) {
                    foreach ($group as $number) {
                        if ($this->seen[$number] >= $this->fewest) {
                            $root = sqrt($energy[$number]);
                            $energy[$number] += $gradient * $gradient;
                            $pull[$number] += $gradient - (sqrt($energy[$number]) - $root) / self::RATE * $weights[$number];
                            $weights[$number] = $this->weight($pull[$number], $energy[$number], 0 === $number ? 0.0 : $this->penalty);
                        }
                    }
                }
            }
        }

        return array_filter(array_combine(array_map(strval(...), array_keys($this->numbers)), $weights), static fn (float $weight): bool => 0.0 !== $weight);
    }

    private function weight(float $pull, float $energy, float $penalty): float
    {
        return abs($pull) <= $penalty ? 0.0 : (($pull > 0 ? $penalty : -$penalty) - $pull) * self::RATE / (self::SMOOTHING + sqrt($energy));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Learning;

use DunePocket\Brief\Learning\SparseRegression;
use PHPUnit\Framework\TestCase;

final class SparseRegressionTest extends TestCase
{
    /**
     * @param list<array{list<string>, bool, int}> $samples traits, whether it is meant, how often
     *
     * @return array<string, float>
     */
    private static function weights(array $samples, float $penalty = 0.0, int $rounds = 40, int $fewest = 1): array
    {
        $regression = new SparseRegression($penalty, $rounds, $fewest);
        foreach ($samples as [$traits, $isMeant, $times]) {
            for ($i = 0; $i < $times; ++$i) {
                $regression->sample([$regression->numbers($traits)], $isMeant);
            }
        }

        return $regression->weights();
    }

    public function testWithoutTraitsItLearnsHowOftenASampleIsMeant(): void
    {
        // The odds of 20 in 80 are the logarithm of 1 in 3.
        $odds = self::weights([[[], true, 20], [[], false, 60]])[SparseRegression::ALWAYS];
        self::assertEqualsWithDelta(log(20 / 60), $odds, 0.25);
    }

    public function testATraitWeighsByTheSideItStandsOn(): void
    {
        $weights = self::weights([[['never', 'tea'], true, 30], [['please', 'tea'], false, 30]]);
        self::assertGreaterThan(0.5, $weights['never']);
        self::assertLessThan(-0.5, $weights['please']);
        self::assertLessThan(abs($weights['never']) / 2, abs($weights['tea']), 'tea stands on both sides');
    }

    public function testAPenaltyKeepsOnlyWhatTells(): void
    {
        $samples = [];
        for ($i = 0; $i < 60; ++$i) {
            $samples[] = [[0 === $i % 2 ? 'even' : 'odd', "chance $i", 'third '.($i % 3)], 0 === $i % 2, 1];
        }
        $weights = self::weights($samples, 2.0, 3);
        self::assertSame([], array_filter(array_keys($weights), static fn (string $trait): bool => str_starts_with($trait, 'chance')));
        self::assertGreaterThan(0.0, $weights['even'] - ($weights['odd'] ?? 0.0));
        self::assertLessThan(\count(self::weights($samples, 0.0, 3)), \count($weights));
    }

    public function testARareTraitIsNotLearnt(): void
    {
        $samples = [[['rare'], true, 2], [['usual'], true, 5], [[], false, 9]];
        self::assertArrayNotHasKey('rare', self::weights($samples, fewest: 3));
        self::assertArrayHasKey('usual', self::weights($samples, fewest: 3));
    }

    public function testASampleMayCountForSeveral(): void
    {
        $once = new SparseRegression(0.0, 10, 1);
        $heavy = new SparseRegression(0.0, 10, 1);
        foreach ([[$once, 1.0], [$heavy, 4.0]] as [$regression, $counts]) {
            for ($i = 0; $i < 20; ++$i) {
                $regression->sample([$regression->numbers(['both'])], true, $counts);
                $regression->sample([$regression->numbers(['both'])], false);
            }
        }
        self::assertGreaterThan($once->weights()['both'] ?? 0.0, $heavy->weights()['both'] ?? 0.0);
    }

    public function testTheSameSamplesGiveTheSameWeights(): void
    {
        $samples = [[['a', 'b'], true, 7], [['b', 'c'], false, 5], [['a'], false, 2]];
        self::assertSame(self::weights($samples, 0.5), self::weights($samples, 0.5));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Catalogue;

use DunePocket\Catalogue\WeightsOfMany;
use DunePocket\Catalogue\WordWeights;
use PHPUnit\Framework\TestCase;

final class WeightsOfManyTest extends TestCase
{
    private const WEIGHTS = ['blog' => ['' => -2.0, 'write' => 1.5, 'shop' => -0.5], 'shop' => ['shop' => 3.25], 'map' => []];

    public function testEachHasTheOddsItHasAlone(): void
    {
        $many = new WeightsOfMany(self::WEIGHTS);
        foreach ([[], ['write'], ['shop', 'write'], ['unheard']] as $words) {
            self::assertSame(array_map(static fn (array $weights): float => (new WordWeights($weights))->odds($words), array_values(self::WEIGHTS)), $many->odds($words));
        }
        self::assertSame(['blog', 'shop', 'map'], $many->things);
    }
}

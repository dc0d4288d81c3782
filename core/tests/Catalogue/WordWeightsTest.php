<?php

declare(strict_types=1);

namespace DunePocket\Tests\Catalogue;

use DunePocket\Catalogue\WordWeights;
use PHPUnit\Framework\TestCase;

final class WordWeightsTest extends TestCase
{
    public function testTheOddsAreTheSumOfWhatIsKnown(): void
    {
        $weights = new WordWeights(WordWeights::parse("# how it was made\n-2.50\t\n1.25\tnever\n3.00\tnever a\n-0.50\tplease\n"));
        self::assertEqualsWithDelta(-2.5, $weights->odds([]), 1e-9);
        self::assertEqualsWithDelta(-2.5 + 1.25 + 3.0, $weights->odds(['never', 'never a', 'heron']), 1e-9);
        self::assertEqualsWithDelta(-3.0, $weights->odds(['please']), 1e-9);
        self::assertEqualsWithDelta(-0.5, $weights->sum(['please', 'heron']), 1e-9);
    }
}

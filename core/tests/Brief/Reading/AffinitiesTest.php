<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading;

use DunePocket\Brief\Reading\Affinities;
use DunePocket\Catalogue\BusinessKind;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class AffinitiesTest extends TestCase
{
    private const WEIGHTS = "\nbread\tbakery:2.5\nflower\tflorist:3.0\nwedding\tbakery:0.5 florist:1.5\n";

    public function testEachWordOfATextCountsOnce(): void
    {
        self::assertSame(['bakery' => 3.0, 'florist' => 1.5], (new Affinities(self::WEIGHTS))->of('Bread, bread and more bread for weddings.'));
    }

    public function testAWordNobodyWeighedSaysNothing(): void
    {
        self::assertSame([], (new Affinities(self::WEIGHTS))->of('Anvils.'));
    }

    public function testPluralsAreTheWordsThemselves(): void
    {
        self::assertSame(['flower', 'compan', 'the', 'gas', 'flower flower', 'flower compan', 'compan the', 'the gas'], Affinities::words('Flowers, flower companies; the gas'));
    }

    public function testTheWeightsOfTheCatalogueAreSortedAndNameItsKinds(): void
    {
        $weights = Bench::catalogue()->trades();
        $lines = explode("\n", trim($weights, "\n"));
        $sorted = $lines;
        sort($sorted, \SORT_STRING);
        self::assertSame($sorted, $lines);
        preg_match_all('/([a-z-]+):-?\d/', $weights, $named);
        self::assertSame([], array_diff(array_unique($named[1]), array_map(static fn (BusinessKind $kind): string => $kind->id, Bench::catalogue()->businessKinds())));
    }
}

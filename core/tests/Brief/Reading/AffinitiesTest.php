<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading;

use DunePocket\Brief\Reading\Affinities;
use DunePocket\Catalogue\BusinessKind;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class AffinitiesTest extends TestCase
{
    private const WEIGHTS = "\n\tbakery:-1.0 florist:-2.0\nbread\tbakery:2.5\nflower\tflorist:3.0\nwedding\tbakery:0.5 florist:1.5\n";

    public function testEachWordOfATextCountsOnce(): void
    {
        self::assertSame(['bakery' => 2.0, 'florist' => -0.5], (new Affinities(self::WEIGHTS))->of('Bread, bread and more bread for weddings.'));
    }

    public function testAWordNobodyWeighedSaysNothing(): void
    {
        self::assertSame(['bakery' => -1.0, 'florist' => -2.0], (new Affinities(self::WEIGHTS))->of('Anvils.'));
    }

    public function testPluralsAreTheWordsThemselves(): void
    {
        self::assertSame(['flower', 'compan', 'the', 'gas'], Affinities::words('Flowers, flower companies; the gas'));
    }

    public function testTheWeightsOfTheCatalogueAreSortedAndNameItsKindsAndGoals(): void
    {
        $catalogue = Bench::catalogue();
        $kinds = array_map(static fn (BusinessKind $kind): string => $kind->id, $catalogue->businessKinds());
        foreach ([[$catalogue->trades(), $kinds], [$catalogue->goalWords(), array_keys($catalogue->cues()->goals)]] as [$lists, $things]) {
            $lines = explode("\n", trim($lists, "\n"));
            $sorted = $lines;
            sort($sorted, \SORT_STRING);
            self::assertSame($sorted, $lines);
            preg_match_all('/([a-z-]+):-?\d/', $lists, $named);
            self::assertSame([], array_diff(array_unique($named[1]), $things));
        }
    }
}

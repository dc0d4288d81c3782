<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading;

use DunePocket\Brief\FactKind;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class AreasBehindPagesTest extends TestCase
{
    private const TOWNS = "We are Mossley Roofing. We do slate roofs and flat roofs. We'd like a page for Calder, a page for Brim and one for Hale Cross, since we work in all three towns.";

    public function testTownsThatOnlyNameAPageAreAreas(): void
    {
        self::assertSame(['Calder', 'Brim', 'Hale Cross'], Bench::values(Bench::read(self::TOWNS), FactKind::AreaServed));
    }

    public function testOtherPagesOfTheSameSentenceAreNoAreas(): void
    {
        $brief = Bench::read('We want a page for Brim, a page for prices and an FAQ, because we serve many villages.');
        self::assertSame(['Brim'], Bench::values($brief, FactKind::AreaServed));
    }

    public function testNamesWithoutAWordForPlacesStayPages(): void
    {
        self::assertSame([], Bench::values(Bench::read('We want a page for Brim and a page for Hale Cross, our two horses.'), FactKind::AreaServed));
    }

    public function testTheirPagesArePlannedAsAreas(): void
    {
        $kinds = [];
        foreach (Bench::planned(self::TOWNS)->plan->pages as $page) {
            $kinds[$page->title] = $page->kind;
        }
        self::assertSame(['area', 'area', 'area'], array_values(array_intersect_key($kinds, array_flip(['Calder', 'Brim', 'Hale Cross']))));
    }
}

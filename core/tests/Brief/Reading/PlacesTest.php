<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Places;
use PHPUnit\Framework\TestCase;

final class PlacesTest extends TestCase
{
    private static function at(int $start, int $length): Candidate
    {
        return new Candidate(FactKind::Offering, 'Hedges', $start, $length, 0.9);
    }

    public function testWhatMayOverlapIsNear(): void
    {
        $places = new Places();
        $places->put(3, self::at(10_000, 20));
        $places->put(1, self::at(10_010, 5));
        $places->put(2, self::at(90, 4));
        self::assertSame([1, 3], $places->near(self::at(10_012, 1)));
        self::assertSame([2], $places->near(self::at(80, 11)));
        self::assertSame([], $places->near(self::at(50_000, 10)));
    }

    public function testALongStretchIsNearAllItReachesOver(): void
    {
        $places = new Places();
        $places->put(0, self::at(100, 5_000));
        $places->put(1, self::at(4_900, 10));
        self::assertSame([0, 1], $places->near(self::at(4_905, 1)));
        self::assertSame([0], $places->near(self::at(2_000, 1)));
    }
}

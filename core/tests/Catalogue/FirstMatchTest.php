<?php

declare(strict_types=1);

namespace DunePocket\Tests\Catalogue;

use DunePocket\Catalogue\FirstMatch;
use PHPUnit\Framework\TestCase;

final class FirstMatchTest extends TestCase
{
    public function testTheFirstPatternThatMatchesCountsAndNotTheFirstPlace(): void
    {
        $match = new FirstMatch([['~\bwalls?\b~iu', 'stone'], ['~\bgates?\b~iu', 'wood'], ['~\bmossy walls\b~iu', 'moss']]);
        self::assertSame('stone', $match->in('A gate in mossy walls'));
        self::assertSame('wood', $match->in('Gates'));
        self::assertNull($match->in('Hedges'));
    }

    public function testOfMoreThanAreLookedForAtOnceEachIsFound(): void
    {
        $match = new FirstMatch(array_map(static fn (int $number): array => ["~^field $number$~iu", "f$number"], range(1, 50)));
        self::assertSame(['f1', 'f16', 'f17', 'f50', null], array_map($match->in(...), ['field 1', 'Field 16', 'field 17', 'field 50', 'field 51']));
    }

    public function testNothingIsFoundAmongNone(): void
    {
        self::assertNull((new FirstMatch([]))->in('anything'));
    }
}

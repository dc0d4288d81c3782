<?php

declare(strict_types=1);

namespace DunePocket\Tests\Catalogue;

use DunePocket\Catalogue\Wordings;
use PHPUnit\Framework\TestCase;

final class WordingsTest extends TestCase
{
    public function testAnyOfThemWillDo(): void
    {
        $wordings = new Wordings(['\bwe want\b', '\bwould be (?:nice|good)\b'], static fn (string $pattern): string => "~$pattern~iu");
        self::assertTrue($wordings->standIn('A map would be good.'));
        self::assertTrue($wordings->standIn('We want a map.'));
        self::assertFalse($wordings->standIn('There is a map.'));
    }

    public function testAFewAtATimeShareAPattern(): void
    {
        $wordings = new Wordings(['a|b', 'c', 'd', 'e', 'f', 'g'], static fn (string $pattern): string => "~$pattern~");
        self::assertSame(['~(?:a|b|c|d|e)~', '~(?:f|g)~'], $wordings->few);
        self::assertSame('~(?:a|b|c|d|e|f|g)~', $wordings->any);
    }
}

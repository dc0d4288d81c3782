<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Segmenting;

use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Segmenting\WrappedLines;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WrappedLinesTest extends TestCase
{
    private const WRAPPED = "We are a workshop of three in Penryn and have been\nmaking things out of wood for other people's houses\nsince 2011. The work is fitted wardrobes, sash\nwindows and oak doors.";

    /** @return iterable<string, array{string, int}> a text, and how many of its lines were wrapped */
    public static function texts(): iterable
    {
        yield 'running text' => [self::WRAPPED, 4];
        yield 'a heading apart from it' => ["Our work\n\n".self::WRAPPED, 4];
        yield 'a list in small letters' => ["hedge laying\ngates\ndry stone walls", 0];
        yield 'a list of long names' => ["Structural surveys of listed buildings\nMeasured drawings of old farmhouses\nAdvice on lime mortar and its mending", 0];
        yield 'sentences, a line each' => ["We lay hedges in the old way and the new.\nwe hang gates that close by themselves.\nwe build walls that stand for a century.", 0];
    }

    #[DataProvider('texts')]
    public function testOnlyTextThatGoesOnInTheNextLineIsWrapped(string $text, int $wrapped): void
    {
        self::assertCount($wrapped, WrappedLines::of(array_map(static fn (string $line): Line => new Line(0, $line), explode("\n", $text))));
    }

    public function testWrappedTextIsJoinedWithoutMovingAnyPlace(): void
    {
        $joined = WrappedLines::joined(self::WRAPPED);
        self::assertSame(\strlen(self::WRAPPED), \strlen($joined));
        self::assertStringContainsString('have been making things', $joined);
        self::assertStringContainsString('sash windows', $joined);
    }

    public function testLinesThatHadRoomForTheNextWordStayApart(): void
    {
        $dictated = "pressure washing I have given up, it wrecks the back\nI cover Yate and Thornbury\nwant people to put in their postcode and how many windows they have";
        self::assertSame($dictated, WrappedLines::joined($dictated));
    }

    public function testShortLinesStayApart(): void
    {
        self::assertSame("pots\nbowls\njugs", WrappedLines::joined("pots\nbowls\njugs"));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief;

use DunePocket\Brief\InvalidBrief;
use DunePocket\Brief\SourceText;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SourceTextTest extends TestCase
{
    public function testLineEndsAndByteOrderMarks(): void
    {
        self::assertSame("a\nb\nc", SourceText::fromBytes("\xEF\xBB\xBFa\r\nb\rc"));
    }

    public function testWindows1252(): void
    {
        self::assertSame('Café – “£5”', SourceText::fromBytes("Caf\xE9 \x96 \x93\xA35\x94"));
    }

    public function testUtf16(): void
    {
        self::assertSame('Zoë', SourceText::fromBytes("\xFF\xFEZ\0o\0\xEB\0"));
    }

    public function testUtf16WithoutAMark(): void
    {
        $text = "Café Zoë – “no blog”, please.\nFrom £40.";
        self::assertSame($text, SourceText::fromBytes(mb_convert_encoding($text, 'UTF-16LE', 'UTF-8')));
        self::assertSame($text, SourceText::fromBytes(mb_convert_encoding($text, 'UTF-16BE', 'UTF-8')));
    }

    /** @return iterable<string, array{string}> */
    public static function noBriefs(): iterable
    {
        yield 'empty' => [''];
        yield 'blank' => [" \n\t\n"];
        yield 'a picture renamed' => ["\x89PNG\r\n\x1a\n\0\0\0\rIHDR"];
        yield 'control characters' => ["We sell\x01\x02 boats"];
        yield 'two hundred thousand words' => [str_repeat('We sell pots. ', 70_000)];
        yield 'too large' => [str_repeat('a', SourceText::MAX_BYTES + 1)];
    }

    #[DataProvider('noBriefs')]
    public function testWhatIsNoBriefIsRefusedWithAReason(string $bytes): void
    {
        $this->expectException(InvalidBrief::class);
        $this->expectExceptionMessageMatches('/^.+\.$/');
        SourceText::fromBytes($bytes);
    }
}

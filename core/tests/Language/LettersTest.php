<?php

declare(strict_types=1);

namespace DunePocket\Tests\Language;

use DunePocket\Language\Letters;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Held against PHP's own counting from the beginning. */
final class LettersTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function texts(): iterable
    {
        yield 'nothing' => [''];
        yield 'a few letters' => ['Café Zoë – £5 😀'];
        yield 'letters of one to four bytes, over several thousands' => [str_repeat('aé–😀 ', 700)];
        yield 'a thousand exactly' => [str_repeat('é', 1_000)];
    }

    #[DataProvider('texts')]
    public function testLettersBeforeAByteAreCountedAsFromTheBeginning(string $text): void
    {
        $letters = new Letters($text);
        $byte = 0;
        foreach (mb_str_split($text) as $count => $letter) {
            self::assertSame($count, $letters->before($byte));
            $byte += \strlen($letter);
        }
        self::assertSame(mb_strlen($text), $letters->before($byte));
    }

    #[DataProvider('texts')]
    public function testAPartIsThatOfTheWholeText(string $text): void
    {
        $letters = new Letters($text);
        foreach ([[0, 0], [0, 3], [2, 7], [999, 1], [998, 5], [1_000, 1_500], [3_400, 90], [5_000, 2]] as [$start, $length]) {
            self::assertSame(mb_substr($text, $start, $length), $letters->part($start, $length));
        }
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading;

use DunePocket\Brief\Reading\Numeral;
use DunePocket\Brief\Reading\Phrase;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PhraseTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> */
    public static function lists(): iterable
    {
        yield 'commas and a last and' => ['pots, bowls and jugs', ['pots', 'bowls', 'jugs']];
        yield 'a comma before and' => ['pots, bowls, and jugs', ['pots', 'bowls', 'jugs']];
        yield 'semicolons' => ['pots; bowls; jugs', ['pots', 'bowls', 'jugs']];
        yield 'lines' => ["pots\nbowls\njugs", ['pots', 'bowls', 'jugs']];
        yield 'slashes' => ['home / about / contact', ['home', 'about', 'contact']];
        yield 'commas in brackets' => ['classes (8 weeks, £165), tasters', ['classes (8 weeks, £165)', 'tasters']];
        yield 'one thing for two' => ['cakes for weddings and birthdays', ['cakes for weddings and birthdays']];
        yield 'a pair that belongs together' => ['before and after, prices', ['before and after', 'prices']];
        yield 'at ours, and another thing' => ['rooms, dinners at our table (with wine) and bread-making days', ['rooms', 'dinners at our table (with wine)', 'bread-making days']];
        yield 'two places' => ['barn conversions across Somerset and Dorset', ['barn conversions across Somerset and Dorset']];
        yield 'a line that was wrapped' => ["pots, big\nbowls and jugs", ['pots', 'big bowls', 'jugs']];
        yield 'a last one with a preposition of its own' => ['talks, workshops for children and camping by the river', ['talks', 'workshops for children', 'camping by the river']];
        yield 'together with' => ['pipes, tiles and slates, together with gutters', ['pipes', 'tiles', 'slates', 'gutters']];
        yield 'and also' => ['lessons for puppies, lessons for old dogs and also walks', ['lessons for puppies', 'lessons for old dogs', 'walks']];
    }

    /** @param list<string> $parts */
    #[DataProvider('lists')]
    public function testEnumerationsAreSplit(string $text, array $parts): void
    {
        self::assertSame($parts, array_column(Phrase::list($text), 0));
    }

    #[DataProvider('lists')]
    public function testPartsTellWhereTheyStand(string $text): void
    {
        foreach (Phrase::list($text) as [$part, $at]) {
            self::assertSame($part, strtr(substr($text, $at, \strlen($part)), "\n", ' '));
        }
    }

    /** @return iterable<array{string, ?string}> */
    public static function counts(): iterable
    {
        yield ['six pages', '6'];
        yield ['5 to 8 pages', '5-8'];
        yield ['no more than six', '1-6'];
        yield ['not exceed twelve pages', '1-12'];
        yield ['four pages, not more', '1-4'];
        yield ['between seven and nine pages', '7-9'];
        yield ['half a dozen', '6'];
        yield ['some pages', null];
        yield ['0 pages', null];
        yield ['900 pages', null];
    }

    #[DataProvider('counts')]
    public function testNumbersAreReadAsPeopleWriteThem(string $text, ?string $range): void
    {
        self::assertSame($range, Numeral::range($text));
    }

    public function testAWordThatIsNotAllThereIsDropped(): void
    {
        self::assertSame(['no shop', 'no shop'], [Phrase::wholeWords('no shop pleas', 'e.'), Phrase::wholeWords('no shop', ' please')]);
    }

    public function testATitleLosesItsArticleAndItsMarks(): void
    {
        self::assertSame('Sauna', Phrase::title(' the *sauna*, '));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Language;

use DunePocket\Language\CalendarDate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** 12 April 1985 is the standard's own example of a calendar date (ISO 8601; from memory). */
final class CalendarDateTest extends TestCase
{
    /** @return iterable<array{string, string}> */
    public static function ways(): iterable
    {
        foreach (['1985-04-12', '19850412', '12 April 1985', '12th of April, 1985', 'April 12, 1985', 'Apr. 12th 1985', '12/04/1985', '12.4.1985', 'Friday 12 April 1985 at noon'] as $written) {
            yield [$written, '1985-04-12'];
        }
        foreach (['1985-04', 'April 1985', 'some time in April, 1985'] as $written) {
            yield [$written, '1985-04'];
        }
        yield ['29 February 2028', '2028-02-29'];
    }

    #[DataProvider('ways')]
    public function testADateIsReadHoweverItIsWritten(string $written, string $iso): void
    {
        self::assertSame($iso, CalendarDate::iso($written));
    }

    public function testTheMonthComesFirstWhereThatIsTheCustom(): void
    {
        self::assertSame('2027-04-03', CalendarDate::iso('3/4/2027'));
        self::assertSame('2027-03-04', CalendarDate::iso('3/4/2027', true));
    }

    /** @return iterable<array{string}> */
    public static function none(): iterable
    {
        foreach (['29 February 2027', '31/11/2027', 'before Easter', 'next June', '12 April', '', '24 July 99', '1985-13'] as $written) {
            yield [$written];
        }
    }

    #[DataProvider('none')]
    public function testWhatIsNoDateOrLacksItsYearIsLeftAlone(string $written): void
    {
        self::assertNull(CalendarDate::iso($written));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Normal;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Normal\Telephone;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TelephoneTest extends TestCase
{
    /**
     * ITU-T E.164: a plus sign, the country code, at most fifteen digits, no spaces. Numbers from the ranges that
     * Ofcom and the North American Numbering Plan keep for drama.
     *
     * @return iterable<string, array{string, ?string, ?string}>
     */
    public static function numbers(): iterable
    {
        yield 'a British landline' => ['01632 960 123', 'GB', '+441632960123'];
        yield 'a British mobile' => ['07700 900 412', 'GB', '+447700900412'];
        yield 'with country code and bracketed zero' => ['+44 (0)1632 960 909', null, '+441632960909'];
        yield 'an American number' => ['(555) 555-0142', 'US', '+15555550142'];
        yield 'no country known' => ['01632 960 123', null, null];
        yield 'no number' => ['ring me', 'GB', null];
    }

    #[DataProvider('numbers')]
    public function testNumbersAsTheyAreDialled(string $written, ?string $country, ?string $expected): void
    {
        $number = Telephone::e164($written, $country);
        self::assertSame($expected, $number);
        if (null !== $number) {
            self::assertMatchesRegularExpression('/^\+[1-9]\d{1,14}$/', $number);
        }
    }

    public function testTheBriefBetraysTheCountry(): void
    {
        $brief = Bench::read('We mend boats, from £40 an hour, open Mon to Fri 9-5. Ring 01632 960 123.');
        self::assertSame('+441632960123', $brief->first(FactKind::ContactPhone)?->detail('e164'));
        self::assertSame('Mo-Fr 09:00-17:00', $brief->first(FactKind::OpeningHours)?->detail('hours'));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Recogniser;

use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Recogniser\DomainNameRecogniser;
use DunePocket\Tests\Support\Bench;
use DunePocket\Tests\Support\Readings;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DomainNameRecogniserTest extends TestCase
{
    /** @return list<Candidate> the surest first */
    private static function names(string $text): array
    {
        $names = iterator_to_array((new DomainNameRecogniser(Bench::catalogue()->cues(), Bench::catalogue()->words(), Bench::catalogue()->properNames()))->recognise(Readings::of($text)), false);
        usort($names, static fn (Candidate $one, Candidate $other): int => $other->certainty <=> $one->certainty);

        return $names;
    }

    /** @return iterable<string, array{string, string, bool}> text, the surest name, whether it is plain */
    public static function texts(): iterable
    {
        yield 'the same words' => ['We are Hollin Barn: hello@hollinbarn.example', 'Hollin Barn', true];
        yield 'a web address' => ['Hollin Barn is at www.hollinbarn.example now.', 'Hollin Barn', true];
        yield 'with an ampersand' => ['Wick & Wax, hi@wickandwax.example', 'Wick & Wax', true];
        yield 'the beginning of the address' => ['We are Tarn Head, see https://tarnheadcampsite.example', 'Tarn Head Campsite', false];
        yield 'the end of the name' => ['Hostel Zwei Tannen, hallo@zweitannen.example', 'Hostel Zwei Tannen', true];
        yield 'umlauts written out' => ['Café Grün, post@cafegruen.example', 'Café Grün', true];
        yield 'before the sign, at a provider' => ['Notes on Kestrel Joinery, with Bill Oxley. kestreljoinery@btinternet.example', 'Kestrel Joinery', true];
        yield 'written small' => ['we are chalk box and our mail is hello@chalkbox.example', 'Chalk Box', true];
        yield 'only in the address' => ['write to bookings@peewitbarn.example', 'Peewit Barn', false];
    }

    #[DataProvider('texts')]
    public function testTheNameIsWhatTheAddressRepeats(string $text, string $name, bool $isPlain): void
    {
        $names = self::names($text);
        self::assertNotEmpty($names);
        self::assertSame([$name, $isPlain], [$names[0]->value, $names[0]->isPlain()]);
    }

    /** @return iterable<string, array{string}> */
    public static function nameless(): iterable
    {
        yield 'a person’s mailbox' => ['Ask Martin Hollin: martinhollin@gmail.com'];
        yield 'an address without words' => ['Ask us: info@xq7zk.example'];
        yield 'no address' => ['Hollin Barn has been open since May.'];
    }

    #[DataProvider('nameless')]
    public function testOtherAddressesNameNothing(string $text): void
    {
        self::assertSame([], array_filter(self::names($text), static fn (Candidate $name): bool => $name->isPlain()));
    }

    public function testTheQuoteIsWhereTheNameStands(): void
    {
        $text = "Größe!\n\nWe are Hollin Barn: hello@hollinbarn.example";
        [$name] = self::names($text);
        self::assertSame('Hollin Barn', substr($text, $name->start, $name->length));
    }
}

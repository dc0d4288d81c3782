<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Reading\Affinities;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Recogniser\KindRecogniser;
use DunePocket\Tests\Support\Bench;
use DunePocket\Tests\Support\Readings;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class KindRecogniserTest extends TestCase
{
    /** @param list<Candidate> $read */
    private static function kind(string $text, array $read = [], ?string $topic = null): ?Candidate
    {
        return [...(new KindRecogniser(Bench::catalogue()->businessKinds(), new Affinities(Bench::catalogue()->trades())))->recognise(Readings::of($text, $topic), $read)][0] ?? null;
    }

    public function testWhatIsNotWantedOrNotSaidTellsNoTrade(): void
    {
        $text = 'Call it a boutique, or a café.';
        $avoided = new Candidate(FactKind::AvoidWord, 'boutique', (int) strpos($text, 'boutique'), 8, 0.95);
        $refused = new Candidate(FactKind::PageRefusal, 'Café', (int) strpos($text, 'café'), \strlen('café'), 0.95);
        self::assertNotNull(self::kind($text));
        self::assertNotNull(self::kind($text, [$avoided]));
        self::assertNull(self::kind($text, [$avoided, $refused]));
    }

    /** @return iterable<string, array{string, ?string}> text and the kind */
    public static function texts(): iterable
    {
        yield 'said of themselves' => ['We are a family-run bakery in Pell.', 'bakery'];
        yield 'never named' => ['We do rewires, fuse boards and EV chargers for homes in Pell. Part P registered.', 'electrician'];
        yield 'those they serve' => ['I am a bookkeeper for restaurants and bakeries.', 'accountant'];
        yield 'those they help' => ['We are a consultancy in Leeds helping manufacturers hold less stock.', 'consultant'];
        yield 'what is next door' => ['We are a florist next to the old bakery.', 'florist'];
        yield 'nothing at all' => ['We meet on Tuesdays and it is nice.', null];
    }

    #[DataProvider('texts')]
    public function testTheKindIsThatOfTheBusinessAndNotOfOthers(string $text, ?string $kind): void
    {
        self::assertSame($kind, self::kind($text)->detail['kind'] ?? null);
    }

    public function testWhatIsSaidIsStatedAndWhatIsBetrayedIsInferred(): void
    {
        self::assertSame(Origin::Stated, self::kind('We are a bakery.')?->origin);
        $betrayed = self::kind('Call-outs day and night for leaks. Taps, radiators, pipes. The van is blue, the tools are mine.');
        self::assertSame(Origin::Inferred, $betrayed?->origin);
        self::assertLessThanOrEqual(0.5, $betrayed->certainty);
    }

    public function testABusinessIsCalledByItsMostParticularName(): void
    {
        self::assertSame('coach hire firm', self::kind('We are a coach hire firm with eighteen coaches and one minibus.')?->value);
        self::assertSame('taxi firm', self::kind('We are a taxi firm.')?->value);
        self::assertSame('butcher', self::kind('Butchers in Pell since 1902.')?->value);
        self::assertSame('bakery', self::kind('We are a bakery.')?->value);
        self::assertSame('cleaning firm', self::kind('We are a cleaning firm. We clean offices, and ovens too.')?->value, 'what else it speaks of does not name it');
        self::assertSame('farm park', self::kind('We are a farm park with a garden and a castle to climb on.')?->value);
        self::assertSame('marina', self::kind('Wharf Marina. We are a boatyard.', [new Candidate(FactKind::BusinessName, 'Wharf Marina', 0, 12, 0.9)])?->value);
        self::assertSame('taxi', Bench::catalogue()->businessKindNamed('Coach hire firm'));
    }

    public function testAWordInTheNameCountsMost(): void
    {
        $text = 'Marsh Bakery. We also have a small cafe.';
        $name = new Candidate(FactKind::BusinessName, 'Marsh Bakery', 0, 12, 0.9);
        self::assertSame('bakery', self::kind($text, [$name])->detail['kind'] ?? null);
    }

    public function testWhoComesIsNotWhatTheyAre(): void
    {
        $text = 'We make furniture. Dentists and hotels come to us.';
        $audience = new Candidate(FactKind::Audience, 'Dentists and hotels', 19, 19, 0.9);
        self::assertNotSame('dentist', self::kind($text, [$audience])->detail['kind'] ?? null);
    }

    public function testOtherTopicsAreAside(): void
    {
        self::assertNull(self::kind('Like the bakery site, but blue.', [], 'design_note'));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Copy;

use DunePocket\Catalogue\Line;
use DunePocket\Copy\LinePicker;
use DunePocket\Copy\Vocabulary;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** How a wording is chosen and filled. */
final class WordingTest extends TestCase
{
    private static function words(): Vocabulary
    {
        return new Vocabulary(['name' => 'Ashen Row', 'town' => 'Pell', 'offerings' => 'hedges']);
    }

    public function testAWordingIsFilledWhenAllItsWordsAreKnown(): void
    {
        self::assertSame('Ashen Row, hedges in Pell.', self::words()->fill('{name}, {offerings} in {town}.'));
        self::assertNull(self::words()->fill('{name} since {founded}.'));
        self::assertNull(self::words()->with(['town' => ''])->fill('In {town}.'));
        self::assertSame('Since 1990.', self::words()->with(['founded' => '1990'])->fill('since {founded}.'));
    }

    public function testTheFirstUsableWordingIsPicked(): void
    {
        $picker = new LinePicker([], []);
        self::assertSame(['Hedges in Pell', false], $picker->pick([new Line('Since {founded}'), new Line('{offerings} in {town}'), new Line('{name}')], self::words()));
        self::assertNull($picker->pick([new Line('Since {founded}')], self::words()));
        self::assertSame('Nothing known', $picker->text([new Line('Since {founded}')], self::words(), 'Nothing known'));
    }

    public function testAWordingInTheToneComesFirst(): void
    {
        $lines = [new Line('Good day'), new Line('Hello there', ['warm']), new Line('Oi', ['bold'])];
        self::assertSame('Hello there', (new LinePicker(['warm'], []))->pick($lines, self::words())[0] ?? null);
        self::assertSame('Good day', (new LinePicker(['calm'], []))->pick($lines, self::words())[0] ?? null);
    }

    public function testAWordThatIsToBeAvoidedIsAvoided(): void
    {
        $lines = [new Line('Our passion is {offerings}'), new Line('We lay {offerings}')];
        self::assertSame('We lay hedges', (new LinePicker([], ['passion']))->pick($lines, self::words())[0] ?? null);
    }

    public function testADraftComesBeforeARequest(): void
    {
        $lines = [new Line('Needed: the year'), new Line('{name}')];
        self::assertSame(['Ashen Row', false], (new LinePicker([], []))->pick($lines, self::words()));
        self::assertSame(['Needed: the year', true], (new LinePicker([], []))->pick([$lines[0]], self::words()));
        self::assertSame(['Needed: the passion', true], (new LinePicker([], ['passion']))->pick([new Line('Needed: the passion')], self::words()), 'a request speaks to the client');
    }

    #[TestWith(['We are passionate', 'passion', false])]
    #[TestWith(['Our passion is hedges', 'passion', true])]
    #[TestWith(['Our PASSION', 'passion', true])]
    #[TestWith(['State of the art hedges', 'state of the art', true])]
    #[TestWith(['A start', 'art', false])]
    public function testAWordIsHeldAsAWord(string $text, string $word, bool $holds): void
    {
        self::assertSame($holds, LinePicker::holds($text, $word));
    }

    public function testTheSameSeedPicksTheSame(): void
    {
        $lines = array_map(static fn (int $i): Line => new Line("Wording $i"), range(1, 12));
        $picks = array_map(static fn (int $seed): ?string => (new LinePicker([], [], $seed))->pick($lines, self::words(), 'hero')[0] ?? null, [0, 7, 7, 8, 9, 10]);
        self::assertSame('Wording 1', $picks[0]);
        self::assertSame($picks[1], $picks[2]);
        self::assertGreaterThan(1, \count(array_unique(\array_slice($picks, 2))));
    }
}

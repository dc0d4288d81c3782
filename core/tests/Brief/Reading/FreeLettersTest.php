<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading;

use DunePocket\Brief\FactKind;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What looks like something and is something else, in letters that nobody put in order. */
final class FreeLettersTest extends TestCase
{
    /** @return iterable<string, array{string, FactKind, list<string>}> */
    public static function texts(): iterable
    {
        yield 'what is loved is not refused' => ["We'd hate to lose the map.", FactKind::PageRefusal, []];
        yield 'what would be daft to miss' => ['It would be daft not to have a booking form.', FactKind::PageRefusal, []];
        yield 'a phone that never stops' => ['The phone never stops with people wanting to book a service.', FactKind::PageRefusal, []];
        yield 'a bus stop' => ['It would have a map with the bus stop, and our newsletter.', FactKind::PageRefusal, []];
        yield 'a complaint is no refusal' => ["The website we have doesn't even have a basket.", FactKind::PageRefusal, []];
        yield 'a reason is no name' => ["We don't want an online shop, bread doesn't post well.", FactKind::PageRefusal, ['Online shop']];
        yield 'what the next sentence refuses' => ['Ticket booking and a newsletter form please. We don’t want recordings on it.', FactKind::PageRefusal, ['Recordings']];
        yield 'a gadget and what it does' => ["A form for asking for a quote. I don't want an online quote calculator.", FactKind::Feature, ['quote-form']];
        yield 'where one is open late' => ['I offer evening appointments until nine.', FactKind::Offering, []];
        yield 'a hall of that name' => ['The Lantern Rooms is a small arts venue in Hexham.', FactKind::Offering, []];
        yield 'a business run in a town' => ['I run Tidewater Plumbing & Heating in Poole, Dorset.', FactKind::Offering, []];
        yield 'people looked after' => ['We look after walkers, anglers and locals.', FactKind::Offering, []];
        yield 'people of an age' => ['People who come are mostly locals over fifty and, since the sauna, a lot of thirty-somethings from the city.', FactKind::Offering, []];
        yield 'a place that is hired out' => ['We have the pool, the sauna, swimming lessons and we hire the place out for weddings and filming.', FactKind::Offering, ['Pool', 'Sauna', 'Swimming lessons', 'Hire for weddings and filming']];
        yield 'the words of a refusal' => ["Click and collect isn't for us.", FactKind::Feature, []];
        yield 'bread and butter' => ['Retired couples are our bread and butter.', FactKind::Offering, []];
        yield 'a chat soon' => ["We need a website that shows our work.\n\nChat soon\nNed", FactKind::Feature, []];
        yield 'a group chat' => ["We decided not to have a members' area, we'll keep using the group chat.", FactKind::PageRefusal, ["Members' area"]];
        yield 'pages that are not to be' => ["We don't want weddings on one page and funerals on another.", FactKind::PageRequest, []];
        yield 'a section that is not to be' => ["I don't think case studies should be a section of their own.", FactKind::PageRequest, []];
        yield 'paper' => ['You wanted a page of A4 so here it is.', FactKind::PageRequest, []];
    }

    /** @param list<string> $values */
    #[DataProvider('texts')]
    public function testNothingIsTakenForWhatItIsNot(string $text, FactKind $kind, array $values): void
    {
        self::assertSame($values, Bench::values(Bench::read($text), $kind));
    }

    public function testVillagesAroundAreNotOffered(): void
    {
        self::assertNotContains('Villages in between', Bench::values(Bench::read('I cover Bath, Bristol and the villages in between.'), FactKind::Offering));
    }

    public function testAStreetAndAYearAreNoPartOfAName(): void
    {
        self::assertSame(['Second Byte'], Bench::values(Bench::read("Hi, it's Yusuf from Second Byte on Abbey Street, Carlisle."), FactKind::BusinessName));
        self::assertSame(['Carrow & Sons'], Bench::values(Bench::read("I'm Phil. My dad started Carrow & Sons in 1987 and there are now 14 of us."), FactKind::BusinessName));
    }

    public function testASaintKeepsHisGenitive(): void
    {
        self::assertSame(["St Osyth's"], Bench::values(Bench::read("The committee of St Osyth's met on Thursday.\n\noffice@stosyth.example"), FactKind::BusinessName));
    }

    public function testNotesAreReadLineByLine(): void
    {
        $brief = Bench::read("Call notes 19/3: Whinfell Riding, Penrith (Steph)\n\nRiding school with a view\nNo forum\nPages: home, lessons, treks, contact\nDown to earth, friendly");
        self::assertSame(['Forum'], Bench::values($brief, FactKind::PageRefusal));
        self::assertSame(['Whinfell Riding'], Bench::values($brief, FactKind::BusinessName));
    }
}

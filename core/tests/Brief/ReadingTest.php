<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ReadingTest extends TestCase
{
    /** @return iterable<string, array{string, FactKind, list<string>}> */
    public static function sayings(): iterable
    {
        yield 'a name in the first sentence' => ['Kelp & Compass is a small sailing school in Ardwick Bay.', FactKind::BusinessName, ['Kelp & Compass']];
        yield 'a name without capitals' => ["hi, we're called the tin whistle and we do lunches", FactKind::BusinessName, ['The Tin Whistle']];
        yield 'a name from where somebody is' => ['Hello, this is Priya from Saffron Ledger Ltd.', FactKind::BusinessName, ['Saffron Ledger Ltd']];
        yield 'the kind, named' => ['We are a small bakery in Pell.', FactKind::BusinessKind, ['bakery']];
        yield 'the kind, betrayed by its words' => ['We fix leaking taps, boilers and radiators, and fit bathrooms.', FactKind::BusinessKind, ['plumbing and heating firm']];
        yield 'no kind where nothing says so' => ['Please call me about the website.', FactKind::BusinessKind, []];
        yield 'offerings in a sentence' => ['We offer hull repairs, spar making and winter storage.', FactKind::Offering, ['Hull repairs', 'Spar making', 'Winter storage']];
        yield 'an offering in passing' => ['Oh and we also do gift hampers.', FactKind::Offering, ['Gift hampers']];
        yield 'an offering given up' => ["We don't do weddings any more.", FactKind::Offering, []];
        yield 'pages asked for, each with a page' => ['Lessons and the sauna need a page each.', FactKind::PageRequest, ['Lessons', 'Sauna']];
        yield 'pages enumerated' => ['Pages we need: home, about us, prices and contact.', FactKind::PageRequest, ['Home', 'About us', 'Prices', 'Contact']];
        yield 'a page for a thing' => ['There should be a page about our apprentices.', FactKind::PageRequest, ['Apprentices']];
        yield 'a refusal is no request' => ['No blog please.', FactKind::PageRequest, []];
        yield 'a refusal' => ['No blog please.', FactKind::PageRefusal, ['Blog']];
        yield 'an indirect refusal' => ["I don't want a gallery, nobody has time for photographs.", FactKind::PageRefusal, ['Gallery']];
        yield 'a count in words' => ['I think six pages would do.', FactKind::PageCount, ['6']];
        yield 'a range' => ['Something like 5 to 8 pages.', FactKind::PageCount, ['5-8']];
        yield 'at most' => ['No more than five pages.', FactKind::PageCount, ['1-5']];
        yield 'a page each is no count' => ['One page for each service, please.', FactKind::PageCount, []];
        yield 'the goal behind a wish' => ['We want people to book online instead of ringing.', FactKind::Goal, ['bookings']];
        yield 'an anecdote is no goal' => ['The telephone rings all day with people asking about prices.', FactKind::Goal, []];
        yield 'more enquiries' => ['The main aim is more enquiries from landlords.', FactKind::Goal, ['leads']];
        yield 'tone, with what it is not' => ['It should sound friendly but not silly.', FactKind::Tone, ['warm']];
        yield 'a word to avoid' => ['Please never say “cosy”.', FactKind::AvoidWord, ['cosy']];
        yield 'several words to avoid' => ["Don't use the words 'solutions' or 'passionate'.", FactKind::AvoidWord, ['solutions', 'passionate']];
        yield 'a search phrase' => ['We want to be found for “boat repair saltmere”.', FactKind::Keyphrase, ['boat repair saltmere']];
        yield 'a feature' => ['People should be able to book a table online.', FactKind::Feature, ['booking']];
        yield 'a place' => ['Our workshop is in Lower Harrow.', FactKind::Location, ['Lower Harrow']];
        yield 'who it is for' => ['Our customers are mostly young families.', FactKind::Audience, ['Young families']];
        yield 'a telephone number' => ['Ring us on 01632 960 123 after ten.', FactKind::ContactPhone, ['01632 960 123']];
        yield 'an e-mail address' => ['Write to mail@kelp.example.', FactKind::ContactEmail, ['mail@kelp.example']];
        yield 'a year' => ['We have been here since 1987.', FactKind::Founded, ['1987']];
        yield 'parked for the design' => ['Could it be navy and yellow?', FactKind::DesignNote, ['Could it be navy and yellow']];
        yield 'typing errors do not matter' => ['Were a dog groming place called muddy paws, we do full grooms and nail cliping', FactKind::Offering, ['Full grooms', 'Nail clipping']];
    }

    /** @param list<string> $expected */
    #[DataProvider('sayings')]
    public function testWhatASentenceSays(string $text, FactKind $kind, array $expected): void
    {
        self::assertSame($expected, Bench::values(Bench::read($text), $kind));
    }

    /** @return iterable<string, array{string}> */
    public static function briefs(): iterable
    {
        foreach (['note.txt', 'chatty-email.txt', 'questionnaire.txt', 'formal.md', 'list.txt'] as $fixture) {
            yield $fixture => [$fixture];
        }
    }

    #[DataProvider('briefs')]
    public function testEveryStatedFactQuotesTheClientExactly(string $fixture): void
    {
        $brief = Bench::read(Bench::text($fixture));
        $source = $brief->sources[0];
        self::assertNotEmpty($brief->facts);
        foreach ($brief->facts as $fact) {
            self::assertSame(Origin::Stated === $fact->origin, null !== $fact->quote, $fact->value);
            if (null !== $fact->quote) {
                $words = $fact->quote->words($source);
                self::assertNotNull($words);
                self::assertNotSame('', trim($words));
                self::assertSame(trim($words), $words);
                self::assertStringContainsString($words, $source->text);
            }
        }
    }

    public function testAQuoteCountsCharactersNotBytes(): void
    {
        $brief = Bench::read("Café “Zoë” — naïve.\nWe offer crêpes and galettes.");
        $fact = $brief->of(FactKind::Offering)[0];
        self::assertSame('crêpes', $fact->quote?->words($brief->sources[0]));
        self::assertSame(mb_strpos($brief->sources[0]->text, 'crêpes'), $fact->quote->start);
    }

    public function testAQuestionnaireIsUnderstoodByItsQuestions(): void
    {
        $brief = Bench::read(Bench::text('questionnaire.txt'));
        self::assertSame(['Harcourt & Vane Accountants'], Bench::values($brief, FactKind::BusinessName));
        self::assertSame(['Bookkeeping', 'VAT returns', 'Payroll', 'Self assessment', 'Company accounts'], Bench::values($brief, FactKind::Offering));
        self::assertSame(['6-8'], Bench::values($brief, FactKind::PageCount));
        self::assertSame(['synergy', 'one-stop shop'], Bench::values($brief, FactKind::AvoidWord));
        self::assertSame([], Bench::values($brief, FactKind::PageRequest), 'a question left blank says nothing');
        self::assertSame([], Bench::values($brief, FactKind::Budget), '“not sure” says nothing');
        self::assertSame(['Crunchy Numbers Ltd', 'TaxPal'], Bench::values($brief, FactKind::Competitor), 'a competitor is not the client');
    }

    public function testAChattyEmail(): void
    {
        $brief = Bench::read(Bench::text('chatty-email.txt'));
        self::assertSame(['Muddy Paws Parlour'], Bench::values($brief, FactKind::BusinessName));
        self::assertSame(['dog groomer'], Bench::values($brief, FactKind::BusinessKind));
        self::assertSame(['Ludlow'], Bench::values($brief, FactKind::Location));
        self::assertContains('Teeth cleaning', Bench::values($brief, FactKind::Offering));
        self::assertSame('from £38', $brief->of(FactKind::Offering)[0]->detail('price'));
        self::assertSame(['bookings'], Bench::values($brief, FactKind::Goal));
        self::assertSame(['Blog', 'Pop ups'], Bench::values($brief, FactKind::PageRefusal));
        self::assertSame(['Prices'], Bench::values($brief, FactKind::PageRequest));
        self::assertSame(['warm', 'playful'], Bench::values($brief, FactKind::Tone));
        self::assertSame(['fur babies', 'pawsome'], Bench::values($brief, FactKind::AvoidWord));
    }

    public function testAFormalPageWithHeadings(): void
    {
        $brief = Bench::read(Bench::text('formal.md'));
        self::assertSame(['Eastmoor Refugee Welcome'], Bench::values($brief, FactKind::BusinessName));
        self::assertSame(['donations'], Bench::values($brief, FactKind::Goal));
        self::assertSame(['recruitment'], Bench::values($brief, FactKind::SecondaryGoal));
        self::assertSame(['Home', 'What we do', 'A page for each service', 'Get help', 'Volunteer', 'Donate', 'News', 'About us', 'Contact'], Bench::values($brief, FactKind::PageRequest));
        self::assertSame(['Online shop', "Members' area"], Bench::values($brief, FactKind::PageRefusal));
        self::assertSame(['victims', 'burden'], Bench::values($brief, FactKind::AvoidWord));
    }

    public function testTheSameTextGivesTheSameFacts(): void
    {
        $text = Bench::text('formal.md');
        self::assertEquals(Bench::read($text), Bench::read($text));
    }

    public function testAGiantBriefIsReadInBoundedMemory(): void
    {
        $brief = Bench::read(str_repeat("We repair boats and we also sell oars. No blog please.\n\n", 2000));
        self::assertSame(['Boats', 'Oars'], Bench::values($brief, FactKind::Offering));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What no wording says and the make of a sentence gives away. */
final class GuessesTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> */
    public static function unwilling(): iterable
    {
        yield 'in one breath' => ['Online booking and lambing season do not mix, it would sit empty.', ['Online booking']];
        yield 'in the next one' => ['The council gave us a forum once. It filled up with spam.', ['Forum']];
        yield 'a feature without its name' => ["My nephew is keen on selling lamps online. I'm not.", ['Online shop']];
        yield 'somebody wants it' => ['We want a gallery, the old one would be empty.', []];
        yield 'its lack is complained about' => ["Nobody can find the prices on the old site, they weren't on there.", []];
        yield 'what the next sentence names itself' => ['Reviews from owners. No newsletter, that would be dull.', ['Newsletter']];
        yield 'not a thing of websites' => ["We've stopped doing weddings, too much work.", []];
    }

    /** @param list<string> $refused */
    #[DataProvider('unwilling')]
    public function testAThingOfWebsitesBesideAWordOfUnwillingnessIsRefused(string $text, array $refused): void
    {
        self::assertSame($refused, Bench::values(Bench::read($text), FactKind::PageRefusal));
    }

    public function testARefusalThatIsGuessedIsLessCertainThanOneThatIsSaid(): void
    {
        [$guessed] = Bench::read('A forum filled up with spam last time.')->of(FactKind::PageRefusal);
        [$said] = Bench::read('We do not want a forum.')->of(FactKind::PageRefusal);
        self::assertLessThan($said->certainty, $guessed->certainty);
    }

    public function testNounPhrasesWithAWordOfTheTradeAreOfferings(): void
    {
        $brief = Bench::read("Brim Roofing, roofers in Calder.\n\nSlate roofs and lead valleys since 1990, new gutters now and then.");
        self::assertSame(['Slate roofs', 'Lead valleys'], \array_slice(Bench::values($brief, FactKind::Offering), 0, 2));
    }

    /** @return iterable<string, array{string, FactKind, list<string>}> what no wording gives away, learnt from labelled briefs */
    public static function learnt(): iterable
    {
        yield 'would only lead to trouble' => ['A comments section would only lead to trouble, so no.', FactKind::PageRefusal, ['Comments']];
        yield 'a thing no list holds' => ['A carousel of hats would drive us up the wall, so leave it.', FactKind::PageRefusal, ['Carousel of hats']];
        yield 'what would be lovely is wished for' => ['Gift cards would be lovely.', FactKind::PageRefusal, []];
        yield 'what comes with a thing is not offered' => ['The candle kit comes with a tin, a wick and a bag of wax.', FactKind::Offering, []];
        yield 'the people who are helped are not offered' => ['We support refugees and asylum seekers in Eastmoor with English classes.', FactKind::Offering, ['English classes']];
    }

    /** @param list<string> $values */
    #[DataProvider('learnt')]
    public function testWhatWasLearntIsHeldAgainstCommonSense(string $text, FactKind $kind, array $values): void
    {
        self::assertSame($values, Bench::values(Bench::read($text), $kind));
    }

    public function testWhatWasLearntIsNoMoreThanAHint(): void
    {
        $text = "Bramble and Sons, roofers in Calder.\n\nSlate, lead work, chimney stacks. The odd church.\n\nForms, a map.";
        $hints = array_filter(Bench::read($text)->of(FactKind::Offering), static fn (Fact $offering): bool => 'Chimney stacks' === $offering->value);
        self::assertNotEmpty($hints);
        foreach ($hints as $hint) {
            self::assertLessThan(0.9, $hint->certainty);
        }
    }

    public function testNothingIsGuessedWhereTheOfferingsWereSaid(): void
    {
        $brief = Bench::read("Brim Roofing, roofers in Calder. We offer slate roofs, flat roofs and chimney repairs.\n\nLead thieves and pigeons are a nuisance.");
        self::assertSame(['Slate roofs', 'Flat roofs', 'Chimney repairs'], Bench::values($brief, FactKind::Offering));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function people(): iterable
    {
        yield 'at the head of a sentence' => ['Brim Roofing mends roofs. Tenants ring in tears, landlords in a temper.', ['Tenants', 'Landlords']];
        yield 'a fragment' => ['Brim Roofing mends roofs. Homeowners plus the odd vicar, and a few property managers.', ['Homeowners', 'Property managers']];
        yield 'what is said of them' => ['Brim Roofing mends roofs. The usual lot: couples and people moving to the coast.', ['Couples', 'People moving to the coast']];
        yield 'those who run it' => ['Brim Roofing mends roofs. We are two brothers and three apprentices.', []];
    }

    /** @param list<string> $people */
    #[DataProvider('people')]
    public function testPeopleNamedAtTheHeadOfASentenceAreTheAudience(string $text, array $people): void
    {
        self::assertSame($people, Bench::values(Bench::read($text), FactKind::Audience));
    }

    public function testAGuessedAudienceIsShownAsDoubtful(): void
    {
        $audience = Bench::read('Brim Roofing mends roofs. Tenants ring in tears, landlords in a temper.')->of(FactKind::Audience);
        self::assertSame([true, true], array_map(static fn (Fact $fact): bool => $fact->isDoubtful(), $audience));
    }

    /** @return iterable<string, array{string, string}> */
    public static function addresses(): iterable
    {
        yield 'two words' => ['peewitbarn', 'Peewit Barn'];
        yield 'a word of three letters' => ['saltpanbakery', 'Salt Pan Bakery'];
        yield 'three words' => ['greenlanekennels', 'Green Lane Kennels'];
        yield 'with a small word' => ['houseofbread', 'House of Bread'];
    }

    #[DataProvider('addresses')]
    public function testANameThatStandsOnlyInTheAddressIsTakenApart(string $host, string $name): void
    {
        self::assertSame([$name], Bench::values(Bench::read("We bake and deliver.\n\nhello@$host.example"), FactKind::BusinessName));
    }

    public function testAPunIsNoTypingErrorWhereItIsTheName(): void
    {
        self::assertSame(['Purrfect Nanny'], Bench::values(Bench::read("purrfect nanny (cat sitting, Calder)\n\nI do cat sitting and overnight stays."), FactKind::BusinessName));
    }

    /** @return iterable<string, array{string}> texts with capitals or a place, and no name */
    public static function withoutName(): iterable
    {
        yield 'a time of year' => ['At Christmas we do hampers and in May we plant beans.'];
        yield 'a change of life' => ['I was once a nurse and now Bath is my home.'];
        yield 'a move' => ['We used to be in Leeds and we are now in Bath.'];
    }

    #[DataProvider('withoutName')]
    public function testATimeOrAPlaceIsNoName(string $text): void
    {
        self::assertSame([], Bench::values(Bench::read($text), FactKind::BusinessName));
    }
}

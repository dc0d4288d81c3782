<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Recogniser\Covered;
use DunePocket\Brief\Reading\Recogniser\Offerings;
use DunePocket\Tests\Support\Bench;
use DunePocket\Tests\Support\Sentences;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OfferingWordingsTest extends TestCase
{
    private static function words(): Offerings\OfferingWords
    {
        return new Offerings\OfferingWords(Bench::catalogue()->cues(), Bench::catalogue()->pageKinds());
    }

    private static function item(): Offerings\OfferingItem
    {
        return new Offerings\OfferingItem(Bench::catalogue()->cues(), new Offerings\SharedNoun(Bench::catalogue()->adjectives()));
    }

    private static function first(): Offerings\SaidFirst
    {
        return new Offerings\SaidFirst(Bench::catalogue()->cues(), self::words(), self::item());
    }

    private static function running(): Offerings\InRunningText
    {
        $cues = Bench::catalogue()->cues();

        return new Offerings\InRunningText($cues, new Negation($cues), self::words(), self::item());
    }

    /** @return iterable<string, array{string, ?string, array<string, string>}> words, the name in them, what else they tell */
    public static function items(): iterable
    {
        yield 'a name' => ['hedge laying', 'Hedge laying', []];
        yield 'with a price' => ['full groom from £38', 'Full groom', ['price' => 'from £38']];
        yield 'with a remark' => ['beech forests – two days in October', 'Beech forests', ['description' => 'two days in October']];
        yield 'with a remark in brackets' => ['boat hire (by the hour)', 'Boat hire', ['description' => 'by the hour']];
        yield 'with a price in brackets' => ['boat hire (£12)', 'Boat hire', ['price' => '£12']];
        yield 'with a verb that adds nothing' => ['also make oars', 'Oars', []];
        yield 'with how much of it' => ['lots of bread', 'Bread', []];
        yield 'with when' => ['yoga on Tuesday evenings', 'Yoga', []];
        yield 'with where' => ['repairs in our workshop', 'Repairs', []];
        yield 'with how often' => ['tastings once a month', 'Tastings', []];
        yield 'a price alone' => ['an hour for £40', null, []];
        yield 'what they are' => ['a mobile mechanic service in Swindon', null, []];
        yield 'a place' => ['in Totnes', null, []];
        yield 'people' => ['beginners', null, []];
        yield 'themselves' => ['we are open', null, []];
        yield 'two letters' => ['it', null, []];
        yield 'nine words and more' => ['quite another kind thing nobody else round here wants', null, []];
    }

    /** @param array<string, string> $detail */
    #[DataProvider('items')]
    public function testTheNameIsTakenOutOfWhatIsSaid(string $words, ?string $name, array $detail): void
    {
        $made = [...self::item()->offered($words, 0, 0.75)];
        self::assertSame(null === $name ? [] : [$name], Sentences::values($made));
        self::assertSame($detail, ($made[0] ?? null)->detail ?? []);
    }

    public function testTermsToldAtTheEndBelongToIt(): void
    {
        $made = [...self::item()->offered('kayaks', 0, 0.9, '£12 an hour', ' hire')];
        self::assertSame(['Kayak hire'], Sentences::values($made));
        self::assertSame(['description' => '£12 an hour', 'price' => '£12 an hour'], $made[0]->detail);
    }

    /** @return iterable<string, array{string, list<string>}> a sentence and what it offers */
    public static function runningText(): iterable
    {
        yield 'a region is not what is taught' => ['We mend tack for riding schools in the Borders.', ['Tack for riding schools']];
        yield 'whom they teach, and what' => ['We coach teenagers in the foil and the sabre.', ['Foil', 'Sabre']];
        yield 'a verb and its list' => ['We repair gates and doors.', ['Gates', 'Doors']];
        yield 'one clause after another' => ['We make tapestry blankets and cushions, give mill tours.', ['Tapestry blankets', 'Cushions', 'Mill tours']];
        yield 'hire' => ['We hire out kayaks and canoes.', ['Kayak hire', 'Canoe hire']];
        yield 'to whom' => ['We supply relief chefs to restaurants.', ['Relief chefs']];
        yield 'up to the reason' => ['We offer canning workshops because people ask for them.', ['Canning workshops']];
        yield 'not done' => ['We considered selling fabric.', []];
        yield 'given up' => ['We no longer sell fabric.', []];
        yield 'how, not what' => ['This is how we repair gates.', []];
        yield 'for the site' => ['For pages we offer home, prices and contact.', []];
        yield 'patients' => ['We look after cats and dogs.', []];
        yield 'what visitors do' => ['You can hire bikes, join walks and watch birds.', ['Bikes', 'Walks', 'Birds']];
        yield 'where the income comes from' => ['Most of our income comes from training, the rest from workshops.', ['Training', 'Workshops']];
        yield 'where the work comes from' => ['Most of our work comes from recommendations.', []];
        yield 'where things come from' => ['Our ingredients are all from local farms.', []];
        yield 'what it has grown to' => ['The business has grown into a team of ten.', []];
        yield 'nothing at all' => ['We are three sisters.', []];
    }

    /** @param list<string> $offered */
    #[DataProvider('runningText')]
    public function testAVerbOfOfferingSaysWhatIsOffered(string $sentence, array $offered): void
    {
        self::assertSame($offered, Sentences::values([...self::running()->offered(Sentences::one($sentence))]));
    }

    public function testOnlyInNotesDoOthersTellWhatIsOffered(): void
    {
        $sentence = Sentences::one('They make oars and paddles.');
        self::assertSame([], [...self::running()->offered($sentence)]);
        self::assertSame(['Oars', 'Paddles'], Sentences::values([...self::running()->offered($sentence, [Offerings\InRunningText::TOLD])]));
    }

    /** @return iterable<string, array{string, bool, list<string>}> a sentence, whether offerings came before it, what it offers */
    public static function lists(): iterable
    {
        yield 'three names' => ['Lock-outs, lock changes, safes.', false, ['Lock-outs', 'Lock changes', 'Safes']];
        yield 'two names' => ['Lock-outs, safes.', false, []];
        yield 'two names with prices' => ['beard trims £10, hot shaves £18', false, ['Beard trims', 'Hot shaves']];
        yield 'two more' => ['Then gutters and drains.', true, ['Gutters', 'Drains']];
        yield 'one more in passing' => ['Oh, and drains.', true, ['Drains']];
        yield 'one more as well' => ['Drains too.', true, ['Drains']];
        yield 'one more, with nothing before' => ['Oh, and drains.', false, []];
        yield 'pages' => ['Home, prices, gallery, contact.', false, []];
        yield 'features' => ['Online booking, a map, a newsletter.', false, []];
        yield 'tones' => ['Warm, dry, playful.', false, []];
        yield 'people' => ['Families, couples, students.', false, []];
        yield 'a sentence' => ['We are open, warm, dry.', false, []];
        yield 'pictures' => ['Many photos, steam, happy faces.', false, []];
        yield 'names of people' => ['Ada Marsh, Dee Holm, Kay Lund.', false, []];
    }

    /** @param list<string> $offered */
    #[DataProvider('lists')]
    public function testAnEnumerationAloneMayBeWhatIsOffered(string $sentence, bool $after, array $offered): void
    {
        $list = new Offerings\BareList(Bench::catalogue()->cues(), self::words(), self::item());
        self::assertSame($offered, Sentences::values([...$list->offered(Sentences::one($sentence), $after)]));
    }

    public function testATariffIsPricesAndNoOfferings(): void
    {
        $list = new Offerings\BareList(Bench::catalogue()->cues(), self::words(), self::item());
        $kinds = array_map(static fn (Candidate $candidate): FactKind => $candidate->kind, [...$list->offered(Sentences::one('drop-in £8, block of six £40'), false)]);
        self::assertSame([FactKind::Price, FactKind::Price], $kinds);
    }

    public function testWhatIsOfferedMayBeSaidFirst(): void
    {
        $first = self::first();
        self::assertSame(['Hedge laying', 'Dry stone walling'], Sentences::values([...$first->offered(Sentences::one('Hedge laying and dry stone walling are what I do.'))]));
        self::assertSame([], [...$first->offered(Sentences::one('Hedges are what I fear.'))]);
    }

    public function testWhatHasAPriceIsOffered(): void
    {
        $priced = new Offerings\PricedThings(Bench::catalogue()->cues());
        $made = [...$priced->offered(Sentences::one('The sauna is £9 for 45 min and the plunge pool costs £4.'))];
        self::assertSame(['Sauna', 'Plunge pool'], Sentences::values($made));
        self::assertSame('£9 for 45 min', $made[0]->detail['price'] ?? null);
        self::assertSame([], [...$priced->offered(Sentences::one('Our budget is £900.'))]);
        self::assertSame([], [...$priced->offered(Sentences::one('Delivery is £4.'))]);
    }

    public function testNamesInARowNeedNoHeading(): void
    {
        $unheaded = new Offerings\UnheadedNames(self::words(), self::item());
        self::assertSame(['Crane hire', 'Contract lifts', 'Machinery moving'], Sentences::values([...$unheaded->offered(Sentences::of('Crane hire. Contract lifts. Machinery moving.'))]));
        self::assertSame([], [...$unheaded->offered(Sentences::of('Crane hire. Contract lifts.'))]);
        self::assertSame([], [...$unheaded->offered(Sentences::of('Crane hire. Contract lifts. Gallery.'))]);
        $items = array_map(static fn (string $item) => Sentences::one($item, null, BlockKind::Item), ['gates', 'hedges', 'walls']);
        self::assertSame(['Gates', 'Hedges', 'Walls'], Sentences::values([...$unheaded->offered($items)]));
        $pages = array_map(static fn (string $item) => Sentences::one($item, null, BlockKind::Item), ['home', 'prices', 'contact']);
        self::assertSame([], [...$unheaded->offered($pages)]);
    }

    /** @return iterable<string, array{string, BlockKind, list<string>}> an answer, its kind, what it offers */
    public static function answers(): iterable
    {
        yield 'a list' => ['gates, hedges and dry stone walls', BlockKind::Answer, ['Gates', 'Hedges', 'Dry stone walls']];
        yield 'an item' => ['gates from £90', BlockKind::Item, ['Gates']];
        yield 'a sentence' => ['We repair gates and doors.', BlockKind::Answer, ['Gates', 'Doors']];
        yield 'a list, then a sentence' => ['Gates, hedges, and we also sell honey.', BlockKind::Answer, ['Honey', 'Gates', 'Hedges']];
        yield 'what is said first' => ['Hedge laying is most of it, then gates and walls.', BlockKind::Answer, ['Hedge laying', 'Gates', 'Walls']];
        yield 'spelled out behind a sentence' => ['We go out along the lanes of Pell - hedges, verges and ditches.', BlockKind::Answer, ['Hedges', 'Verges', 'Ditches']];
        yield 'a profession' => ['Independent opticians', BlockKind::Answer, []];
        yield 'nothing yet' => ['to follow', BlockKind::Answer, []];
        yield 'what is given up' => ['We no longer do gates', BlockKind::Answer, []];
    }

    /** @param list<string> $offered */
    #[DataProvider('answers')]
    public function testWhereTheyAreAskedForNamesAreEnough(string $answer, BlockKind $kind, array $offered): void
    {
        $cues = Bench::catalogue()->cues();
        $asked = new Offerings\AskedOfferings($cues, Bench::catalogue()->people(), self::item(), self::running(), self::first(), new Offerings\PricedThings($cues), new Offerings\OneByOne($cues, self::words(), self::item()));
        self::assertSame($offered, Sentences::values([...$asked->offered(Sentences::one($answer, 'offering', $kind))]));
    }

    public function testWhatIsCoveredKeepsItsLength(): void
    {
        self::assertSame('gates xxxxx in Pell', Covered::brackets('gates (oak) in Pell'));
        self::assertSame('   ab', Covered::lead(3, '123ab'));
        self::assertSame('a;  b', Covered::by(' ', '/---/', 'a---b', ';'));
    }
}

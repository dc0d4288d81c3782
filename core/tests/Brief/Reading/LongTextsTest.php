<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\BriefReader;
use DunePocket\Brief\Reading\Conversation;
use DunePocket\Brief\Reading\Segmenter;
use DunePocket\Brief\Source;
use DunePocket\Brief\SourceKind;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What long briefs are set in: headings with air around them, clauses with numbers, chats, and what is told a sentence each. */
final class LongTextsTest extends TestCase
{
    /** @return array<string, ?string> topics of the blocks, by their text */
    private static function topics(string $text, SourceKind $kind = SourceKind::Text): array
    {
        $cues = Bench::catalogue()->cues();
        $blocks = (new Segmenter($cues))->segment((new Conversation($cues))->lines($text, $kind));

        return array_column(array_map(static fn (Block $block): array => [$block->text, $block->topic], $blocks), 1, 0);
    }

    public function testShortLinesWithAirAroundThemAreHeadings(): void
    {
        $topics = self::topics("Where we are\n\nWe have nothing yet.\n\nWhat we offer\n\nLessons, mostly.\n\nWho it's for\n\nBeginners.\n\nTone of voice\n\nPlain.");
        self::assertSame(['offering', 'audience', 'tone'], [$topics['Lessons, mostly.'], $topics['Beginners.'], $topics['Plain.']]);
        self::assertNull(self::topics("What we offer\n\nLessons, mostly.\n\nThanks for reading.")['Lessons, mostly.'], 'one such line alone is a sentence');
    }

    public function testAddressesALineEachArePages(): void
    {
        $brief = Bench::read("We make software for rotas.\n\nFirst stab:\n/\n/features\n/help-centre\n/services/payroll-export\n\nOn /pricing be upfront.");
        self::assertSame(['Home', 'Features', 'Help centre', 'Payroll export'], Bench::values($brief, FactKind::PageRequest));
    }

    public function testANumberedHeadingAfterClausesIsOneToo(): void
    {
        $topics = self::topics("7. Style\n7.1 The style shall be plain.\n\n8. Distinguishing features\n8.1 Every client has a partner.\n\n9. Contact\nMrs Hale, 01632 960 001");
        self::assertSame(['tone', 'differentiator'], [$topics['The style shall be plain.'], $topics['Every client has a partner.']]);
        self::assertNull($topics['Mrs Hale, 01632 960 001']);
        self::assertArrayNotHasKey('Contact', $topics);
    }

    public function testAHeadingInSmallLettersStandsAboveAList(): void
    {
        $topics = self::topics("we are an orchestra\n\nwho for\n- concert-goers\n- players who'd like to join\n\npages\n1 home\n2 concerts\n3 join us - with a form\n\nthat is all");
        self::assertSame('audience', $topics['concert-goers']);
        self::assertSame('page_request', $topics['home']);
        self::assertSame('page_request', $topics['join us - with a form']);
        self::assertSame(["who for\nthat is the question"], array_keys(self::topics("who for\nthat is the question")), 'a line that goes on in the next is none');
    }

    public function testALabelNamedLikeAListedPageSaysWhatIsOnItOnlyInsteadOfWhoComes(): void
    {
        self::assertNull(self::topics("Pages: Home, Customers, Contact\nCustomers: three case studies\n")['three case studies']);
        self::assertSame('offering', self::topics("Pages: Home, Services, Contact\nServices: ironing, window cleaning\n")['ironing, window cleaning']);
    }

    public function testTheNumberOfAQuestionIsNoPartOfIt(): void
    {
        $thread = "From: Ros <ros@example.org>\nSubject: Re: questions\n\n> 1. What's the exact name?\n\nSandpiper Care\n\n> 2. Anything that has to be on it?\n\nThe prices.\n";
        self::assertSame('feature', self::topics($thread)['The prices.']);
    }

    public function testNeverNamesWordsWhereItIsToldHowItShouldSound(): void
    {
        $topics = self::topics("WORDS\n- friendly, bit silly\n- never: pack leader, fur baby\n");
        self::assertSame('avoid_word', $topics['pack leader, fur baby']);
    }

    public function testHeadingsOfClausesAreNoItems(): void
    {
        $topics = self::topics("1. Introduction\n1.1 The Trust owns 90 homes in Calder.\n\n2. Users\n2.1 Tenants of the Trust, of all ages.\n2.2 Councils.\n\n3. What is not required\n3.1 A forum, which nobody would keep.");
        self::assertSame('audience', $topics['Tenants of the Trust, of all ages.']);
        self::assertSame('audience', $topics['Councils.']);
        self::assertSame('page_refusal', $topics['A forum, which nobody would keep.']);
    }

    public function testACountAboveAListOfPagesIsNoPage(): void
    {
        $brief = Bench::read("We mend boats.\n\nPages - 3 of them\nHome, Slipway, Contact");
        self::assertSame(['Home', 'Slipway', 'Contact'], Bench::values($brief, FactKind::PageRequest));
        self::assertSame(['3'], Bench::values($brief, FactKind::PageCount));
    }

    public function testANameInAListMayHaveARemark(): void
    {
        $topics = self::topics("Pages\nHome\nLessons\nAbout - me, Phil and the dog\nContact\n\nThat is all.");
        self::assertSame('page_request', $topics['About - me, Phil and the dog']);
    }

    public function testAChatOfOneAloneWithTimesIsTheClients(): void
    {
        $brief = Bench::read("[Mon 18:02] we are kiln lane makers, a pottery studio\n[Mon 18:05] what we do: taster evenings, wheel courses\n[Mon 18:10] tone: warm\n[Mon 18:15] pages hmm. home / classes / firing / contact??\n[Tue 09:14] no blog\n[Tue 09:15] thats it\n[Tue 09:16] bye\n[Tue 09:17] oh and thanks\n");
        self::assertSame(['Home', 'Classes', 'Firing', 'Contact'], Bench::values($brief, FactKind::PageRequest));
    }

    public function testTheNameIsAnsweredByOneMessageAndTheRestOfTheQuestionByTheNext(): void
    {
        $topics = self::topics("Tom: What's the business called and what do you sell?\nGem: Bessie's\nGem: ice cream, and cakes\nTom: Who buys?\nGem: couples\nTom: Anything else?\nGem: no", SourceKind::Call);
        self::assertSame('offering', $topics['ice cream, and cakes']);
    }

    /** @return iterable<string, array{string, FactKind, list<string>}> text, kind, what is read */
    public static function told(): iterable
    {
        $offering = FactKind::Offering;
        $page = FactKind::PageRequest;
        $refused = FactKind::PageRefusal;
        yield 'a thing a sentence' => ["There are three things people can come to us for. The nursery mornings are for two year olds. Then holiday days, which sell out. Parties in the woods, on Saturdays.\n\nThat is it.", $offering, ['Nursery mornings', 'Holiday days', 'Parties in the woods']];
        yield 'with remarks' => ["WHAT WE OFFER\nEnergy visits, free, with a camera. Rooftop solar for public buildings, which we own. The car club was handed to the parish.", $offering, ['Energy visits', 'Rooftop solar for public buildings']];
        yield 'after what was told' => ["We make whisky and gin. Then there's cask ownership, where you buy a cask.", $offering, ['Whisky', 'Gin', 'Cask ownership']];
        yield 'a clause within the list' => ['We offer counselling, which is most of my week, and supervision.', $offering, ['Counselling', 'Supervision']];
        yield 'a page by its name, with what is on it' => ['I figure a home page, rentals, an FAQ and a contact page with a map to the ramp.', FactKind::PageRequest, ['Home', 'Rentals', 'FAQ', 'Contact']];
        yield 'names that begin like something else' => ["Services: upcycling workshops, up-cycled chairs, how to draw, lamps\n\nIt should be plain.", $offering, ['Upcycling workshops', 'Up-cycled chairs', 'How to draw', 'Lamps']];
        yield 'a verb within a name' => ['We are a studio in Calder. We offer keep-fit classes, yoga and pilates.', $offering, ['Keep-fit classes', 'Yoga', 'Pilates']];
        yield 'what is offered on a day' => ['We make pots. Saturdays are clay parties.', $offering, ['Pots', 'Clay parties']];
        yield 'a word to avoid is no tone' => ['Tone: plain. The expressions "passionate" and "playful" shall be avoided.', FactKind::Tone, ['plain']];
        yield 'what falls outside' => ["5. Structure\n5.1 The following pages are required: Home, Fees.\n5.2 A client portal falls outside the scope.", FactKind::PageRefusal, ['Client portal']];
        yield 'pages, a sentence each' => ['I would like these pages. Home. Rooms, with one page for each. Table, for the restaurant. Around us. Contact, with a map because nobody finds us.', $page, ['Home', 'Rooms', 'Table', 'Around us', 'Contact']];
        yield 'after their number' => ["Q1. What do you do?\nFunerals.\n\nQ2. How many pages will you need, and what should they be?\nFour. Home. When someone dies (what to do first). Our family. Contact.", $page, ['Home', 'When someone dies', 'Our family', 'Contact']];
        yield 'in small letters' => ["we keep goats\n\nwhat would be on it. home. cheese (what there is). days out with the booking. contact", $page, ['Home', 'Cheese', 'Days out', 'Contact']];
        yield 'named before' => ["We make pots.\n\nPots, seconds, where to find me. That's your pages. I want to sell.", $page, ['Pots', 'Seconds', 'Where to find me']];
        yield 'corrected in the same letter' => ["We teach tennis. I thought of home, lessons, courts, news and contact.\n\nNo, sorry. The new list is home, lessons, prices, contact.", $page, ['Home', 'Lessons', 'Prices', 'Contact']];
        yield 'no page of its own' => ["We climb. The cafe doesn't need its own page, it's a kettle.", $refused, ['Cafe']];
        yield 'points with a heading in the line' => ["Minutes of the committee, 4 May.\n\nPresent: A. Wray (chair), T. Nolan (boats), P. Ives (minutes).\n\n1. Users. Schools and scout groups.\n\n2. Pages. AGREED: Home, Hire, Sailing, Contact.\n\n3. Language. Friendly.", $page, ['Home', 'Hire', 'Sailing', 'Contact']];
        yield 'who was present is not offered' => ["We hire out boats.\n\nPresent: A. Wray (chair), T. Nolan (boats), P. Ives (minutes).", $offering, ['Boat hire']];
        yield 'what it is mostly' => ["What do you sell?\nOur core service is maths tutoring, which is most of it. In May we run crash courses.", $offering, ['Maths tutoring', 'Crash courses']];
        yield 'who it is for, in a long name' => ['We make steel beams for extensions and new builds.', $offering, ['Steel beams']];
        yield 'since this spring' => ["There's camping in the orchard (twelve tents), and since this spring small ceremonies in the garden.", $offering, ['Camping in the orchard', 'Small ceremonies']];
        yield 'the page itself, and for whom' => ['We need an About page for the two of us.', $page, ['About']];
        yield 'who wants it' => ['We run trains. The enthusiasts will want a page about the engines. And there ought to be a page for people who might volunteer, and a "Find us".', $page, ['Engines', 'Volunteer', 'Find us']];
        yield 'a reason behind a page' => ["Which pages?\nHome, Cakes, and How to order because nobody ever knows.", $page, ['Home', 'Cakes', 'How to order']];
        yield 'what would be done with it' => ['We let a barn. We will NOT put prices on after all.', $refused, ['Prices']];
        yield 'none that it is not for' => ["Who is it for?\n- first-time owners\n- i don't really do show people\n", FactKind::Audience, ['First-time owners']];
        yield 'an answer outweighs what is said elsewhere' => ["Who is it for?\nParents of small children.\n\nWhat makes you different?\nTeachers stay with a class for three years.", FactKind::Audience, ['Parents of small children']];
        yield 'bought by whom' => ['We give forging days. The days are mostly bought by people looking for a present.', FactKind::Audience, ['People looking for a present']];
        yield 'three times a week' => ["What do you do?\nHorse dentistry. Also hoof trimming, three times a week.", $offering, ['Horse dentistry', 'Hoof trimming']];
        yield 'listed as not wanted' => ["We train dogs.\n\nNot wanted\n- blog\n- cartoon dogs", $refused, ['Blog', 'Cartoon dogs']];
        yield 'none where they cringe' => ['We do tax. Testimonials make me squirm so not those.', $refused, ['Testimonials']];
        yield 'said of the others' => ["What has to be on it?\nPrices, nobody round here shows them.", $refused, []];
        yield 'a reason is no name' => ["We mend boats.\n\nWhat don't you want?\nNo news, because there is none. And no feed, my nephew looks after that.", $refused, ['News', 'Feed']];
    }

    /** @param list<string> $expected */
    #[DataProvider('told')]
    public function testWhatIsToldInLongTexts(string $text, FactKind $kind, array $expected): void
    {
        self::assertEqualsCanonicalizing($expected, Bench::values(Bench::read($text), $kind));
    }

    public function testAThingToldAgainKeepsItsPrice(): void
    {
        $offered = Bench::read("What do you sell?\nFlytraps, sundews and starter kits. The starter kit is £24 and comes with a pot.")->of(FactKind::Offering);
        $kits = array_values(array_filter($offered, static fn (Fact $fact): bool => 'Starter kits' === $fact->value));
        self::assertSame('£24', $kits[0]->detail('price'));
    }

    /** @return iterable<string, array{string, FactKind, list<string>}> turns of a call, kind, what is read */
    public static function calls(): iterable
    {
        $page = FactKind::PageRequest;
        yield 'asked what is missing' => ["DESIGNER: I'd suggest home, lessons, prices and contact. Have I missed anything?\nCLIENT: No, that's it.", $page, ['Home', 'Lessons', 'Prices', 'Contact']];
        yield 'what was sent' => ["DESIGNER: Okay. Pages. You'd sent me home, courses, stockists and contact.\nCLIENT: Yes, those.", $page, ['Home', 'Courses', 'Stockists', 'Contact']];
        yield 'only the question is refused' => ["DESIGNER: So online booking is the main thing. Would you want them to pay online as well?\nCLIENT: No, not yet.", FactKind::PageRefusal, ['Pay online']];
        yield 'what others have' => ["DESIGNER: Some practices have a forum for their patients.\nCLIENT: Don't need it.", FactKind::PageRefusal, ['Forum']];
        yield 'added to what was noted' => ["DESIGNER: I've noted home, repairs, prices and contact.\nCLIENT: And schools.", $page, ['Home', 'Repairs', 'Prices', 'Contact', 'Schools']];
        yield 'no, with an oath' => ["DESIGNER: A forum?\nCLIENT: Christ no. Have you met swimmers?", FactKind::PageRefusal, ['Forum']];
        yield 'a thing and what for' => ["DESIGNER: Shop, for the goggles?\nCLIENT: No, no.", FactKind::PageRefusal, ['Shop']];
        yield 'the name of who calls' => ["DESIGNER: So who am I talking to, and what's the firm called?\nCLIENT: Martin Pell. It's Pell Joinery.", FactKind::Person, ['Martin Pell']];
        yield 'after a no' => ["DESIGNER: And the tone, do you want it to be official?\nCLIENT: God no. Warm. Bit of fun.", FactKind::Tone, ['warm', 'playful']];
    }

    /** @param list<string> $expected */
    #[DataProvider('calls')]
    public function testWhatIsAgreedToOnTheTelephone(string $turns, FactKind $kind, array $expected): void
    {
        $brief = (new BriefReader(Bench::catalogue()))->read(new Source('s1', '', SourceKind::Call, "DESIGNER: Who are you?\nCLIENT: We are Northgate Swim School.\n".$turns));
        self::assertEqualsCanonicalizing($expected, Bench::values($brief, $kind));
    }
}

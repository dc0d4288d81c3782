<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading;

use DunePocket\Brief\FactKind;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Notes and mails as they are really written: labels with a dash, prices without a currency, asides. */
final class NotesTest extends TestCase
{
    private const DASHED = <<<'TEXT'
        Hi,

        Thanks for the call. As promised:

        Who we are - Hollis Grange, independent care home, Thirlby, 34 residents.
        What we do - residential care, dementia care, respite, and since January day care on weekdays.
        Who reads the site - daughters, mostly.
        What it's for - they should pick up the phone and come for a visit.
        Not for us - online booking (it's not a hotel!), fees on the site, chat thing.
        Sound - calm, honest, human. Never "elderly", never "facility".
        TEXT;

    public function testLabelsMayEndInADash(): void
    {
        $brief = Bench::read(self::DASHED);
        self::assertSame(['Hollis Grange'], Bench::values($brief, FactKind::BusinessName));
        self::assertSame(['Residential care', 'Dementia care', 'Respite', 'Day care on weekdays'], Bench::values($brief, FactKind::Offering));
        self::assertSame(['Online booking', 'Fees', 'Chat'], Bench::values($brief, FactKind::PageRefusal));
        self::assertSame(['elderly', 'facility'], Bench::values($brief, FactKind::AvoidWord));
        self::assertNotContains('Who reads the site', Bench::values($brief, FactKind::PageRequest));
    }

    public function testLabelsAndAnswersMayTakeALineEach(): void
    {
        $brief = Bench::read(<<<'TEXT'
            Company info
            Name: Voltline EV Charging Ltd
            What do you do?
            Home chargers, workplace chargers
            What areas?
            Within 40 miles of Pell
            Target customers
            1. Homeowners with a drive
            2. Managing agents
            What makes you different
            In-house electricians only, no subcontractors.
            Must-have features
            Survey request form, case studies
            Features you don't want
            Chatbot, online shop
            Required pages
            Home, Workplace, Contact
            Tone
            Expert but not techy
            Budget
            5000
            Deadline
            n/a
            TEXT);
        self::assertSame(['Homeowners with a drive', 'Managing agents'], Bench::values($brief, FactKind::Audience));
        self::assertSame(['Home', 'Workplace', 'Contact'], Bench::values($brief, FactKind::PageRequest));
        self::assertSame(['Chatbot', 'Online shop'], Bench::values($brief, FactKind::PageRefusal));
        self::assertSame(['Within 40 miles of Pell'], Bench::values($brief, FactKind::AreaServed));
        self::assertSame(['5000'], Bench::values($brief, FactKind::Budget));
        self::assertSame([], Bench::values($brief, FactKind::Deadline));
    }

    /** @return iterable<string, array{string, FactKind, list<string>}> */
    public static function lines(): iterable
    {
        yield 'what is given up, at the end of a list' => ['Practice areas: conveyancing; wills; probate; family law, save for legal aid work, which the firm no longer undertakes.', FactKind::Offering, ['Conveyancing', 'Wills', 'Probate', 'Family law']];
        yield 'a number that is part of a name' => ['Services: Grade 8 coaching, Formula 1 days, wash 12, full valet 45', FactKind::Offering, ['Grade 8 coaching', 'Formula 1 days', 'Wash', 'Full valet']];
        yield 'minutes are no typing error' => ['We run boat trips (45 mins, £18).', FactKind::Offering, ['Boat trips']];
        yield 'yes to one, no to another' => ['We are often asked for school visits and weddings. School visits yes, weddings no.', FactKind::PageRefusal, ['Weddings']];
        yield 'two of a list that are much alike' => ['Services: eye tests, glasses, children’s eye tests', FactKind::Offering, ['Eye tests', 'Glasses', 'Children’s eye tests']];
        yield 'hours between bars' => ["Regards, Jo\n\nRiverbend Vets, 3 Mill Bank, Harford HF2 6JT | 01632 960 270 | Mon–Fri 8.30–6.30, Sat 9–12", FactKind::OpeningHours, ['Mon–Fri 8.30–6.30, Sat 9–12']];
        yield 'who is addressed is nobody of theirs' => ["Dear Mr Whitcombe,\n\nWe are Kelda Ropes.", FactKind::Person, []];
        yield 'a name at the end of the budget is no month' => ["Website\n\nBudget - I've got about £2k. Jan", FactKind::Deadline, []];
        yield 'how long staff has been there' => ['Eleven of our staff have been here over ten years.', FactKind::Founded, []];
        yield 'postcode districts are no address' => ["Q: Where\nA: Leeds LS6-LS18", FactKind::ContactAddress, []];
        yield 'a page that could head them' => ['Menus. Private parties. About. Book. Beautiful photographs.', FactKind::PageRequest, ['Menus', 'Private parties', 'About', 'Book']];
        yield 'a page that asks' => ['pages i reckon: climbing / prices / first time? / timetable', FactKind::PageRequest, ['Climbing', 'Prices', 'First time', 'Timetable']];
        yield 'all in capitals' => ["OLD FORGE\n\nWE DO SERVICING AND TYRE FITTING\n\nWE WANT SERVICES BOOKED ON THE WEBSITE", FactKind::Goal, ['bookings']];
        yield 'what is covered from there' => ['Based: Sandwick, cover all of Kent', FactKind::Location, ['Sandwick']];
    }

    /** @param list<string> $expected */
    #[DataProvider('lines')]
    public function testLinesOfNotesAreUnderstood(string $line, FactKind $kind, array $expected): void
    {
        self::assertSame($expected, Bench::values(Bench::read($line), $kind));
    }

    public function testAThingHasItsPriceDurationAndNothingElse(): void
    {
        $prices = [];
        foreach (Bench::read('Sell: day tickets 9.50, annual pass 75, land rover tours (45 mins, £18pp, book ahead!)')->of(FactKind::Offering) as $fact) {
            $prices[$fact->value] = [$fact->detail('price'), $fact->detail('duration')];
        }
        self::assertSame(['Day tickets' => ['9.50', null], 'Annual pass' => ['75', null], 'Land rover tours' => ['£18', '45 mins']], $prices);
    }

    public function testSentencesBelowAListAreNoMoreOfIt(): void
    {
        $brief = Bench::read(<<<'TEXT'
            Pages wanted
            • Our beers
            • Taproom
            Not wanted
            • Recipes
            • News feed that dies after a month

            Loud and proud. Beer lovers, and pubs who might stock us.
            TEXT);
        self::assertSame(['Recipes', 'News feed'], Bench::values($brief, FactKind::PageRefusal));
    }

    public function testAPageMayStandBelowThoseThatBelongToTheOneBefore(): void
    {
        $brief = Bench::read("Sitemap:\nHome\n- Fire alarms\n- Servicing\nAbout\nContact\n\nTone of voice: plain.");
        self::assertSame(['Home', 'Fire alarms', 'Servicing', 'About', 'Contact'], Bench::values($brief, FactKind::PageRequest));
    }

    public function testANumberBehindItsLabelIsNoQuestion(): void
    {
        $brief = Bench::read("Q1 Company: Pell Letting\nQ2 Better how? We answer repairs within a day.\nQ3 Like to avoid? A valuation tool. A blog.\nQ4 Tel 0115 496 0377");
        self::assertSame(['0115 496 0377'], Bench::values($brief, FactKind::ContactPhone));
        self::assertSame(['We answer repairs within a day'], Bench::values($brief, FactKind::Differentiator));
        self::assertContains('Blog', Bench::values($brief, FactKind::PageRefusal));
    }

    public function testAThemeAndWhatIsSaidOfItAreOneAnswer(): void
    {
        $brief = Bench::read("Q: What is special about you?\nA: The horses. Every horse here is chosen for its temper.");
        self::assertSame(['The horses. Every horse here is chosen for its temper'], Bench::values($brief, FactKind::Differentiator));
    }

    public function testWhatOthersThinkIsNotTakenBack(): void
    {
        $brief = Bench::read('I want walkers to know we are open, and the same for locals who think we shut in winter. We don’t.');
        self::assertSame(['visits'], Bench::values($brief, FactKind::Goal));
    }

    public function testAnswersMayCarryTheNumbersOfQuestionsThatAreNotThere(): void
    {
        $brief = Bench::read("Q1 It's Pell & Marsh Surveyors.\n\nQ2 We offer damp reports and roof surveys.\n\nQ3 Plain, knowledgeable.\n\nQ4 I'd skip testimonials.");
        self::assertSame(['Pell & Marsh Surveyors'], Bench::values($brief, FactKind::BusinessName));
        self::assertSame(['Damp reports', 'Roof surveys'], Bench::values($brief, FactKind::Offering));
        self::assertSame(['plain', 'expert'], Bench::values($brief, FactKind::Tone));
        self::assertSame(['Testimonials'], Bench::values($brief, FactKind::PageRefusal));
    }

    public function testAListOfPagesInOneLineEndsWithIt(): void
    {
        $brief = Bench::read("What we need page wise:\nBoats, Moorings, Rates, Contact\n\nFriendly, no fluff.\n\nCall me if anything's unclear.\n\nWalt");
        self::assertSame(['Boats', 'Moorings', 'Rates', 'Contact'], Bench::values($brief, FactKind::PageRequest));
        self::assertSame(['warm', 'plain'], Bench::values($brief, FactKind::Tone));
    }

    public function testAListInOneLineMayBeGoneOnWith(): void
    {
        self::assertSame(['Home', 'About', 'Contact', 'Events'], Bench::values(Bench::read("Pages:\nHome, About, Contact\n\nAnd events."), FactKind::PageRequest));
    }

    public function testAPageASentenceMayHaveARemark(): void
    {
        $brief = Bench::read("Pages: Living here. Memory care. Fees – openly, please. Visit us. Work with us.\n\nWarm and calm.");
        self::assertSame(['Living here', 'Memory care', 'Fees', 'Visit us', 'Work with us'], Bench::values($brief, FactKind::PageRequest));
    }

    public function testClausesUnderExclusionsAreNotWanted(): void
    {
        $brief = Bench::read("4  Sitemap\n4.1 Home\n4.2 Costs\n\n5  Exclusions\n5.1 Testimonials. What is said in the room stays there.\n5.2 Pictures of people shouting.");
        self::assertSame(['Home', 'Costs'], Bench::values($brief, FactKind::PageRequest));
        self::assertSame(['Testimonials', 'Pictures of people shouting'], Bench::values($brief, FactKind::PageRefusal));
    }

    public function testADesignersListMayBeFinishedByTheClient(): void
    {
        $call = "Dan: What do you cook?\nIna: Weddings, mostly. We cook for weddings and wakes.\nDan: Who comes to you?\nIna: Couples.\nDan: Okay. So weddings, wakes, sample menus...\nIna: About me, and prices. That's it.\nDan: And the tone?\nIna: Warm.";
        self::assertSame(['Weddings', 'Wakes', 'Sample menus', 'About me', 'Prices'], Bench::values(Bench::read($call), FactKind::PageRequest));
    }

    public function testSpeakersMayBeNumbered(): void
    {
        $call = "Speaker 1: What do you run?\nSpeaker 2: So there's cookery clubs, that's the bulk. Then holiday camps.\nSpeaker 1: Who books?\nSpeaker 2: Parents.\nSpeaker 1: Do you want to put recipes up?\nSpeaker 2: No.\nSpeaker 1: Clubs, camps, prices and contact, then?\nSpeaker 2: That's the lot.";
        $brief = Bench::read($call);
        self::assertSame(['Cookery clubs', 'Holiday camps'], Bench::values($brief, FactKind::Offering));
        self::assertSame(['Recipes'], Bench::values($brief, FactKind::PageRefusal));
        self::assertSame(['Clubs', 'Camps', 'Prices', 'Contact'], Bench::values($brief, FactKind::PageRequest));
    }

    public function testOneOfAListStaysWithTheOthers(): void
    {
        self::assertSame(['Boathouse', 'Gull Cottage', 'Net Loft'], Bench::values(Bench::read("Tidewell Cottages\n\nWe let three places: the Boathouse (sleeps 2), Gull Cottage (sleeps 6), the Net Loft (sleeps 4). All three are by the water.\n\nCouples take the Boathouse, families take Gull Cottage.\n\nWhat we want from the site is direct bookings. The big portal takes 18%.\n\nThings to do. How to get here.\n\nCalm and welcoming please.\n\nNo price list: prices change by the week.\n\nSian"), FactKind::Offering));
    }

    public function testASheetIsReadRowByRow(): void
    {
        $brief = Bench::read(<<<TEXT
            Page\tWanted?\tNotes
            Courses\tyes\tnovice courses, refresher courses, on-site training
            Dates\tmust\twith a Book button on each
            Test centre\tyes\twhere we are
            Job board\tno\tagencies do that
            Contact\tyes\tform

            Company: Fairburn Forklift Training
            TEXT);
        self::assertSame(['Courses', 'Dates', 'Test centre', 'Contact'], Bench::values($brief, FactKind::PageRequest));
        self::assertSame(['Job board'], Bench::values($brief, FactKind::PageRefusal));
        self::assertSame(['Novice courses', 'Refresher courses', 'On-site training'], Bench::values($brief, FactKind::Offering));
    }

    public function testATableMaySayWhatBecomesOfAPage(): void
    {
        $brief = Bench::read(<<<'TEXT'
            | Page | Decision | Why |
            |------|----------|-----|
            | Kilns | keep | still true |
            | Forum | drop | nobody writes |
            | Courses | new | for beginners |
            TEXT);
        self::assertSame(['Kilns', 'Courses'], Bench::values($brief, FactKind::PageRequest));
        self::assertSame(['Forum'], Bench::values($brief, FactKind::PageRefusal));
    }

    public function testAnAnswerUnderItsQuestionIsNoHeading(): void
    {
        $brief = Bench::read(<<<'TEXT'
            Q1 Company
            Peregrine Vans
            Q2 Services
            Full conversions
            Pop-top roofs
            Q3 Services you DON'T offer that people ask about
            Hire. Finance.
            Q4 Audience
            Couples retiring
            TEXT);
        self::assertSame(['Full conversions', 'Pop-top roofs'], Bench::values($brief, FactKind::Offering));
        self::assertSame(['Hire', 'Finance'], Bench::values($brief, FactKind::PageRefusal));
    }

    public function testWhatBecomesOfAThingStandsBehindAnArrow(): void
    {
        $brief = Bench::read("Takeaway: left over from 2020 → gone\nGift shop: sold one apron → drop it\nMap: fine → keep");
        self::assertSame(['Takeaway', 'Gift shop'], Bench::values($brief, FactKind::PageRefusal));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function ideas(): iterable
    {
        yield 'denied' => ['You mentioned a members area. We are not keen.', ['Members area']];
        yield 'left at that' => ['You also suggested a blog; I have read those.', ['Blog']];
        yield 'of paying' => ['You also mentioned paying by card; we invoice.', ['Online payments']];
        yield 'taken up' => ['You suggested a gallery. Lovely idea.', []];
        yield 'taken up in the same sentence' => ['You mentioned a blog, which would be great.', []];
        yield 'no thing of a site' => ['You suggested opening in May. We are not ready.', []];
    }

    /** @param list<string> $refused */
    #[DataProvider('ideas')]
    public function testAnIdeaOfTheDesignersIsRefusedUnlessItIsTakenUp(string $said, array $refused): void
    {
        self::assertSame($refused, Bench::values(Bench::read("Hi,\n\nPell Slate here. Pages: Roofs, Contact.\n\n".$said), FactKind::PageRefusal));
    }

    public function testWhatIsSetInFurtherSaysMoreOfTheItemAbove(): void
    {
        $brief = Bench::read(<<<'TEXT'
            **Services**
            - Curtains
            - Home staging
                - new since spring
                - mostly for landlords

            **Site**
            - Home
            - Services
            - Portfolio
                - by room
            - Process
            - Journal
            - Contact
                - form
            TEXT);
        self::assertSame(['Curtains', 'Home staging'], Bench::values($brief, FactKind::Offering));
        self::assertSame(['Home', 'Services', 'Portfolio', 'Process', 'Journal', 'Contact'], Bench::values($brief, FactKind::PageRequest));
    }

    public function testPagesMayBeSetAsWays(): void
    {
        $brief = Bench::read("Home → Classes → (class detail) → Book\nHome → Parties → enquiry\nHome → Gift vouchers");
        self::assertSame(['Home', 'Classes', 'Book', 'Parties', 'Gift vouchers'], Bench::values($brief, FactKind::PageRequest));
    }

    public function testArrowsMayMarkQuestions(): void
    {
        $brief = Bench::read(<<<'TEXT'
            -> What do you do?
            Memorials, fireplaces, letter cutting.

            -> Pages
            Memorials, Fireplaces, Contact.

            -> Prices?
            Can't, stone varies.

            -> Tone?
            Quiet.
            TEXT);
        self::assertSame(['Memorials', 'Fireplaces', 'Letter cutting'], Bench::values($brief, FactKind::Offering));
        self::assertSame(['Memorials', 'Fireplaces', 'Contact'], Bench::values($brief, FactKind::PageRequest));
        self::assertSame(['Prices'], Bench::values($brief, FactKind::PageRefusal));
    }

    public function testWhatIsCrossedOutIsRefusedWhateverItIs(): void
    {
        $brief = Bench::read("Decided\n✓ quote form with dates\n✗ live stock levels (Dean's idea)\n✗ an app (also Dean)");
        self::assertSame(['Live stock levels', 'App'], Bench::values($brief, FactKind::PageRefusal));
    }

    public function testARunOfNamesIsNoHeadingOverTheRest(): void
    {
        $brief = Bench::read("We are Pell Ironmongers.\n\nWhat we stock. Services. Opening hours. History, with the old photographs.");
        self::assertSame(['What we stock', 'Services', 'Opening hours', 'History'], Bench::values($brief, FactKind::PageRequest));
    }

    public function testNumbersInBracketsAreNoPartOfNames(): void
    {
        $brief = Bench::read('Pages: (1) Home, (2) Surveys, (3) Fees, (4) Contact.');
        self::assertSame(['Home', 'Surveys', 'Fees', 'Contact'], Bench::values($brief, FactKind::PageRequest));
    }

    public function testAnswersMayStandInBracketsBehindTheirQuestions(): void
    {
        $brief = Bench::read("What's the business name? [Vantage Films]\n\nWho hires you? [estate agents and developers]\n\nPages? [Showreel, Property, Contact]\n\nTone? [confident]");
        self::assertSame(['Vantage Films'], Bench::values($brief, FactKind::BusinessName));
        self::assertSame(['Estate agents and developers'], Bench::values($brief, FactKind::Audience));
        self::assertSame(['Showreel', 'Property', 'Contact'], Bench::values($brief, FactKind::PageRequest));
    }

    public function testAnItemBelowRefusalsGivesItsReasonInTheNextSentence(): void
    {
        $brief = Bench::read("Discussed and set aside\n– Patient stories. Several trustees were uneasy.\n– A shared calendar. The events list is enough.");
        self::assertSame(['Patient stories', 'Shared calendar'], Bench::values($brief, FactKind::PageRefusal));
    }

    public function testWhatIsAgreedToFirstNamesNoBusiness(): void
    {
        $brief = Bench::read(<<<'TEXT'
            >> Hi Ada, just a few things. Who looks after the tents?
            >> Me and my cousin Bran.
            >> You wrote no shop. Gift vouchers?
            >> Oh, yes please, people ask for those.
            >> And a gallery?
            >> Yes, photos of the camp, loads.
            >> Newsletter?
            >> No. I'd never write it.
            TEXT);
        self::assertSame([], Bench::values($brief, FactKind::BusinessName));
        self::assertSame([], Bench::values($brief, FactKind::Audience));
        self::assertSame([], Bench::values($brief, FactKind::Differentiator));
        self::assertSame(['gallery'], Bench::values($brief, FactKind::Feature));
        self::assertContains('Newsletter', Bench::values($brief, FactKind::PageRefusal));
    }
}

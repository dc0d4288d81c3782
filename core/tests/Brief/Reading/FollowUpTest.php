<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading;

use DunePocket\Brief\Brief;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BriefReader;
use DunePocket\Brief\Sources\SourceReader;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What is asked goes on to be asked: "Which ones?", the headings of a reply, a limit of pages. */
final class FollowUpTest extends TestCase
{
    private static function call(string ...$turns): Brief
    {
        $captions = "WEBVTT\n";
        foreach (array_values($turns) as $i => $turn) {
            $captions .= \sprintf("\n00:%02d.000 --> 00:%02d.500\n<v %s>%s\n", 2 * $i, 2 * $i + 1, 0 === $i % 2 ? 'Designer' : 'Marta', $turn);
        }

        return (new BriefReader(Bench::catalogue()))->read((new SourceReader())->read($captions, 'call.vtt', 's1'));
    }

    public function testWhichOnesAsksForThePagesThatWereCounted(): void
    {
        $brief = self::call('How many pages did you have in mind?', 'Six at the most.', 'Which ones?', 'The timetable, obviously. A page about the teachers. Retreats. And contact.', 'Thanks. Anything you would like to say to people who are new to it?', 'Come as you are.');
        self::assertSame(['Timetable', 'Teachers', 'Retreats', 'Contact'], Bench::values($brief, FactKind::PageRequest));
        self::assertSame(['1-6'], Bench::values($brief, FactKind::PageCount));
    }

    public function testSuchAsGoesOnWithTheList(): void
    {
        $brief = self::call('What do you offer?', 'All sorts.', 'Such as?', 'Yin yoga, breathwork, pilates.', 'Lovely. When did you begin?', 'Ten years ago.');
        self::assertContains('Pilates', Bench::values($brief, FactKind::Offering));
    }

    public function testEachOfSeveralNamesAskedInARowIsAnswered(): void
    {
        $brief = self::call('What do you do?', 'We bake pies.', 'Merchandise? Hats?', "Ha, no. I'd be left with four hundred hats.", 'And how does it look?', 'Plain.');
        self::assertSame(['Merchandise', 'Hats'], Bench::values($brief, FactKind::PageRefusal));
        $brief = self::call('What do you do?', 'We bake pies.', 'Right. Anything else? Vouchers?', 'No, thanks.', 'And how does it look?', 'Plain.');
        self::assertSame(['Vouchers'], Bench::values($brief, FactKind::PageRefusal));
    }

    public function testWhatPeopleCanBookIsAskedOfTheOfferings(): void
    {
        $brief = self::call('What can people book?', "Shared saunas, that's most people. Private hire. And full moon evenings once a month.", 'How does it look?', 'Plain.');
        self::assertSame(['Shared saunas', 'Private hire', 'Full moon evenings'], Bench::values($brief, FactKind::Offering));
    }

    public function testALimitOfPagesIsOne(): void
    {
        self::assertSame(['1-10'], Bench::values(Bench::read('Max no. of pages: 10'), FactKind::PageCount));
        self::assertSame(['1-7'], Bench::values(Bench::read("1. How many pages at most?\n7\n\n2. Who is it for?\nFamilies"), FactKind::PageCount));
        self::assertSame(['7'], Bench::values(Bench::read("1. How many pages?\n7\n\n2. Who is it for?\nFamilies"), FactKind::PageCount));
        self::assertSame([], Bench::values(Bench::read("Size: 9 people\nGoal: enquiries"), FactKind::PageCount), 'people are no pages');
    }

    public function testTheHeadingsOfADesignerAreAnsweredBeneath(): void
    {
        $brief = Bench::read("> what\nshop signs, vehicle graphics, gold leaf\n\n> for\nindependent shops, architects, pubs\n\n> no\nprice list, online ordering\n\n> pages\nwork, services, about, contact");
        self::assertSame(['Shop signs', 'Vehicle graphics', 'Gold leaf'], Bench::values($brief, FactKind::Offering));
        self::assertSame(['Price list', 'Online ordering'], Bench::values($brief, FactKind::PageRefusal));
    }

    public function testALabelInTheTextAsksNoFurtherThanItsParagraph(): void
    {
        $brief = Bench::read("We mend boilers in Hull.\n\nPages. Home, boilers, servicing, contact.\n\nJust be normal. Friendly. No showing off.");
        self::assertSame(['Home', 'Boilers', 'Servicing', 'Contact'], Bench::values($brief, FactKind::PageRequest));
        self::assertContains('warm', Bench::values($brief, FactKind::Tone));
    }

    public function testCountedGroupsOfPeopleAreNamedInTheNextSentence(): void
    {
        $brief = Bench::read("We restore mid-century furniture in Leeds.\n\nTwo types of people buy from us. Young couples furnishing a first flat, and set designers.\n\nOpen on Fridays.");
        self::assertStringContainsString('set designers', implode('; ', Bench::values($brief, FactKind::Audience)));
        self::assertStringNotContainsString('Open', implode('; ', Bench::values($brief, FactKind::Audience)));
    }

    public function testWhoIsTheBusinessWhereAnotherLabelSaysForWhom(): void
    {
        $brief = Bench::read("Who: two-man electrical firm, Wakefield\nWhat: rewires, fuse boards\nFor: homeowners, landlords");
        self::assertSame(['Homeowners, landlords'], Bench::values($brief, FactKind::Audience));
    }

    public function testWhatABusinessDoesIsNotItsName(): void
    {
        $brief = Bench::read("Business: installs heat pumps and solar panels\nCustomers: owners of older houses");
        self::assertNotContains('installs heat pumps and solar panels', Bench::values($brief, FactKind::BusinessName));
        self::assertSame(['Heat pumps', 'Solar panels'], Bench::values($brief, FactKind::Offering));
    }
}

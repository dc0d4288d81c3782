<?php

declare(strict_types=1);

namespace DunePocket\Tests\Plan;

use DunePocket\Brief\Profile;
use DunePocket\Plan\CopyStatus;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Inspector;
use DunePocket\Plan\Navigation;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Section;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlannerTest extends TestCase
{
    /** @return list<string> */
    private static function titles(Plan $plan): array
    {
        return array_map(static fn (Page $page): string => $page->title, $plan->pages);
    }

    /** @return list<string> */
    private static function kinds(Page $page): array
    {
        return array_map(static fn (Section $section): string => $section->kind, $page->sections());
    }

    private static function page(Plan $plan, string $kind): Page
    {
        foreach ($plan->pages as $page) {
            if ($page->kind === $kind) {
                return $page;
            }
        }
        self::fail("There is no page of the kind $kind.");
    }

    public function testPagesAskedForAreThereAndRefusedOnesAreNot(): void
    {
        $plan = Bench::planned(Bench::text('formal.md'))->plan;
        foreach (['Home', 'What we do', 'Get help', 'Volunteer', 'Donate', 'News', 'About us', 'Contact'] as $title) {
            self::assertContains($title, self::titles($plan));
        }
        self::assertNotContains('products', array_map(static fn (Page $page): string => $page->kind, $plan->pages));
        self::assertNotContains('account', array_map(static fn (Page $page): string => $page->kind, $plan->pages));
    }

    public function testAPageForEachOfferingStandsBelowItsList(): void
    {
        $plan = Bench::planned(Bench::text('formal.md'))->plan;
        $list = self::page($plan, 'services');
        self::assertSame(['English classes', 'Weekly drop-in', 'Clothing store', 'Help with forms'], array_map(static fn (Page $page): string => $page->title, $plan->children($list->id)));
        self::assertSame('/what-we-do/english-classes', $plan->path($plan->children($list->id)[0]));
    }

    public function testAPageForEachOfThePeopleIsNoPageForEachOffering(): void
    {
        $plan = Bench::planned("We are Harrow Lane Vets. We offer vaccinations, dental work and nail clipping.\nWe need a page for each of the three vets.")->plan;
        self::assertSame('Our vets', self::page($plan, 'team')->title);
        self::assertNotContains('Dental work', self::titles($plan));
    }

    public function testSiblingPagesShareTheirSections(): void
    {
        $plan = Bench::planned(Bench::text('formal.md'))->plan;
        $recipes = array_unique(array_map(static fn (Page $page): string => implode(' ', self::kinds($page)), $plan->children(self::page($plan, 'services')->id)));
        self::assertCount(1, $recipes);
    }

    public function testTheWishedNumberIsKeptByMerging(): void
    {
        $plan = Bench::planned(Bench::text('note.txt'))->plan;
        $counted = array_filter($plan->pages, static fn (Page $page): bool => Bench::catalogue()->pageKinds()->counts($page->kind));
        self::assertLessThanOrEqual(5, \count($counted));
        $six = Bench::planned("We are a bakery called Crumb. We bake bread, buns and cakes. We'd like 6 pages.")->plan;
        self::assertCount(6, array_filter($six->pages, static fn (Page $page): bool => Bench::catalogue()->pageKinds()->counts($page->kind)));
    }

    public function testACompleteListKeepsTheWishedNumberToo(): void
    {
        $plan = Bench::planned("Ember is a café in Pell.\nFive pages: Home, Paint, Parties, Menu, Book.\nPeople book a table online.")->plan;
        self::assertSame(['Home', 'Paint', 'Parties', 'Menu', 'Book', 'Privacy'], array_values(array_diff(self::titles($plan), ['Terms'])));
        self::assertContains('contact-form', self::kinds(self::page($plan, 'home')));
    }

    public function testWhatDoesTheSameWorkStandsApart(): void
    {
        $plan = Bench::planned("We are Brack Outdoors, an outdoor centre in Keld. We offer canoeing and rock climbing. Six pages: Home, Activities, Schools, Groups, Staying here, Contact.\n\nWe want teachers to ask for a quote. Our maps should be sold online. We would like lots of photographs.")->plan;
        $kinds = self::kinds(self::page($plan, 'home'));
        self::assertContains('product-grid', $kinds);
        self::assertContains('gallery', $kinds);
        self::assertNotSame(1, abs((int) array_search('gallery', $kinds, true) - (int) array_search('product-grid', $kinds, true)), implode(' ', $kinds));
    }

    public function testAListThatLeavesHomeOutDoesNotCountIt(): void
    {
        $plan = Bench::planned("Halden tunes pianos in Harl. We offer tuning and repairs.\nFour pages: Tuning, Repairs, About me, Contact.")->plan;
        self::assertSame(['Home', 'Tuning', 'Repairs', 'About me', 'Contact', 'Privacy'], self::titles($plan));
        self::assertNotContains('page-count', array_map(static fn (Finding $finding): string => $finding->rule, (new Inspector(Bench::catalogue()))->inspect(Bench::planned("Halden tunes pianos in Harl. We offer tuning and repairs.\nFour pages: Tuning, Repairs, About me, Contact."))));
    }

    public function testAPageThatNamesSeveralOfferingsListsThem(): void
    {
        $plan = Bench::planned("Thorn Hall is a village hall. We hire out the main hall and the small room. We want people to book online.\nPages: Home, Hire, History, Contact.")->plan;
        $hire = self::page($plan, 'services');
        self::assertSame('Hire', $hire->title);
        self::assertContains('services-list', self::kinds($hire));
        self::assertContains('booking', self::kinds($hire), 'Online booking was asked for and has no page of its own.');
    }

    public function testNoListIsAddedAboveServicesThatTheClientListedThemselves(): void
    {
        $plan = Bench::planned("I am a blacksmith in Pell. I make garden gates, railings and fire baskets.\nPages: Home, Garden gates, Railings, Fire baskets, About me, Contact.")->plan;
        self::assertNotContains('services', array_map(static fn (Page $page): string => $page->kind, $plan->pages));
        foreach ($plan->pages as $page) {
            self::assertNull('service' === $page->kind ? $page->parent : null);
        }
    }

    public function testPagesListedByNameStayInTheMenu(): void
    {
        $plan = Bench::planned("Oakes is a solicitor. We do wills, trusts and probate.\nPages: Home, Wills, Trusts, Probate, Fees, Contact.")->plan;
        foreach (['Wills', 'Trusts', 'Probate'] as $title) {
            $page = array_values(array_filter($plan->pages, static fn (Page $page): bool => $page->title === $title))[0] ?? self::fail("$title is missing.");
            self::assertNull($page->parent);
        }
    }

    public function testTheOrderOfTheMenuIsThatOfTheListAndNotOfWhatIsAskedInPassing(): void
    {
        $plan = Bench::planned("We are Quarry Wall, a climbing centre in Hexley. We offer bouldering, roped climbing and inductions.\n\nThere should be a page with an FAQ.\n\nPages: Home, Visit, Prices, About, Contact.")->plan;
        self::assertSame(['Home', 'Visit', 'Prices', 'About', 'FAQ', 'Contact'], \array_slice(self::titles($plan), 0, 6));
    }

    public function testTheUsualQuestionsStandOnASiteOnce(): void
    {
        foreach (['formal.md', 'chatty-email.txt'] as $text) {
            $plan = Bench::planned(Bench::text($text))->plan;
            $asked = array_filter($plan->pages, static fn (Page $page): bool => \in_array('faq', self::kinds($page), true) && !\in_array($page->kind, ['service', 'product', 'shipping'], true));
            self::assertLessThanOrEqual(1, \count($asked), $text);
        }
    }

    public function testAPageThatNamesTheRangeIsTheShop(): void
    {
        $plan = Bench::planned("Coldharbour is a family vineyard near Kellaby. We sell wine by the case, tours and tastings.\n\nGoal: sell wine online. Must have: online shop.\n\nPages: Home, Our wines, Tours, Visit, Contact")->plan;
        self::assertSame('Our wines', self::page($plan, 'products')->title);
        self::assertNotContains('Shop', self::titles($plan));
    }

    public function testAPageEachForWhatIsListedThere(): void
    {
        $plan = Bench::planned("Website brief: Lantern Yard Escape Rooms\n\n**Rooms:** The Forger's Attic, Night Mail, The Last Tide\n**Pages:** Home / Rooms (one page each) / FAQs / Find us / Contact")->plan;
        $rooms = self::page($plan, 'services');
        self::assertSame(['/rooms/forgers-attic', '/rooms/night-mail', '/rooms/last-tide'], array_map($plan->path(...), $plan->children($rooms->id)));
    }

    public function testAFormBringsAPrivacyPageIntoTheFooter(): void
    {
        $plan = Bench::planned('We are a small bakery called Crumb in Pell. We want more people through the door.')->plan;
        self::assertContains('contact-form', self::kinds(self::page($plan, 'contact')));
        self::assertSame(Navigation::Footer, self::page($plan, 'privacy')->navigation);
    }

    public function testAShopBringsThePagesBehindIt(): void
    {
        $plan = Bench::planned('Bog & Bell is a plant nursery. We sell flytraps and sundews, and people should buy plants online.')->plan;
        foreach (['products', 'product', 'cart', 'checkout', 'thank-you', 'shipping', 'refunds', 'terms'] as $kind) {
            self::assertSame($kind, self::page($plan, $kind)->kind);
        }
        self::assertTrue(self::page($plan, 'product')->repeats);
        self::assertSame(self::page($plan, 'products')->id, self::page($plan, 'product')->parent);
    }

    /** @return iterable<string, array{string}> */
    public static function briefs(): iterable
    {
        foreach (['note.txt', 'chatty-email.txt', 'questionnaire.txt', 'formal.md', 'list.txt'] as $fixture) {
            yield $fixture => [Bench::text($fixture)];
        }
        yield 'three words' => ['Website for plumber'];
        yield 'nothing useful' => ['Please call me back.'];
    }

    #[DataProvider('briefs')]
    public function testWhatHoldsForEveryPlan(string $text): void
    {
        $project = Bench::planned($text);
        $plan = $project->plan;
        self::assertSame('/', $plan->path($plan->pages[0]));
        $paths = array_map($plan->path(...), $plan->pages);
        self::assertSame(array_unique($paths), $paths);
        $ids = [];
        $facts = array_map(static fn ($fact): string => $fact->id, $project->brief->facts);
        foreach ($plan->pages as $page) {
            $kinds = self::kinds($page);
            self::assertSame('site-header', $kinds[0]);
            self::assertSame('site-footer', end($kinds));
            self::assertNotEmpty($page->reasons);
            self::assertNotSame('', $page->purpose);
            self::assertNotSame('', $page->search->title);
            foreach ($page->sections() as $section) {
                $ids[] = $section->id;
                $shown = $plan->resolve($section);
                self::assertNotEmpty($shown->reasons, $section->id);
                self::assertMatchesRegularExpression('/[.?:]$/u', $shown->purpose);
                self::assertStringNotContainsString('{', $shown->purpose);
                self::assertTrue(Bench::catalogue()->hasLayout($shown->layout));
                foreach ($shown->reasons as $reason) {
                    self::assertSame([], array_diff($reason->facts, $facts));
                }
                foreach ($shown->copy as $line) {
                    self::assertNotSame('', $line->text);
                    self::assertStringNotContainsString('{', $line->text);
                    self::assertSame(CopyStatus::ToSupply === $line->status, str_contains($line->text, 'Needed:'), $line->text);
                }
            }
        }
        self::assertSame(array_unique($ids), $ids);
    }

    public function testHeaderAndFooterAreSharedByAllPages(): void
    {
        $plan = Bench::planned(Bench::text('list.txt'))->plan;
        foreach ($plan->pages as $page) {
            self::assertSame('sh1', $page->sections()[0]->shared);
            self::assertSame([], $page->sections()[0]->copy);
        }
        $entries = array_values(array_filter($plan->resolve($plan->pages[0]->sections()[0])->copy, static fn ($line): bool => 'item' === $line->slot));
        self::assertContains('Contact', array_map(static fn ($line): string => $line->text, $entries));
    }

    public function testNoMistakenSectionStandsOnHome(): void
    {
        foreach (self::briefs() as [$text]) {
            $project = Bench::planned($text);
            $never = (new Profile($project->brief, Bench::catalogue()))->kind->never;
            self::assertSame([], array_intersect($never, self::kinds($project->plan->pages[0])));
        }
    }

    public function testNeighbouringPicturesStandOnDifferentSides(): void
    {
        $plan = Bench::planned('Crumb is a bakery in Pell, family-run. We bake bread, buns and cakes. We are the only bakery with a wood-fired oven.')->plan;
        $before = '';
        foreach ($plan->pages[0]->sections() as $section) {
            $media = Bench::catalogue()->layout($plan->resolve($section)->layout)->media;
            if (\in_array($media, ['start', 'end'], true)) {
                self::assertNotSame($before, $media);
            }
            $before = $media;
        }
    }

    public function testTheSameBriefGivesTheSamePlan(): void
    {
        self::assertEquals(Bench::planned(Bench::text('chatty-email.txt')), Bench::planned(Bench::text('chatty-email.txt')));
    }
}

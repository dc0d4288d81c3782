<?php

declare(strict_types=1);

namespace DunePocket\Tests\Plan\Pages;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\PageRange;
use DunePocket\Brief\Profile;
use DunePocket\Plan\Planning\PageDraft;
use DunePocket\Plan\Planning\Pages\AlwaysPage;
use DunePocket\Plan\Planning\Pages\DownToTheNumber;
use DunePocket\Plan\Planning\Pages\FeaturePages;
use DunePocket\Plan\Planning\Pages\GoalPage;
use DunePocket\Plan\Planning\Pages\Hierarchy;
use DunePocket\Plan\Planning\Pages\MenuOrder;
use DunePocket\Plan\Planning\Pages\PageList;
use DunePocket\Plan\Planning\Pages\PagesBehind;
use DunePocket\Plan\Planning\Pages\PageStep;
use DunePocket\Plan\Planning\Pages\RequestedPages;
use DunePocket\Plan\Planning\Pages\RichOfferings;
use DunePocket\Plan\Planning\Pages\UpToTheNumber;
use DunePocket\Plan\Planning\Pages\UsualPages;
use DunePocket\Plan\Reason;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** Each step of deciding on pages by itself, on facts made for the purpose. */
final class PageStepsTest extends TestCase
{
    /** @param list<array{FactKind, string, array<string, string>}> $facts kind, value, detail */
    private static function pages(array $facts, ?PageRange $range = null): PageList
    {
        $made = [];
        foreach ($facts as $i => [$kind, $value, $detail]) {
            $made[] = new Fact('f'.($i + 1), $kind, $value, Origin::Stated, 0.95, null, $detail);
        }

        return new PageList(Bench::catalogue(), new Profile(new Brief([], $made), Bench::catalogue()), $range);
    }

    /** @return list<string> "kind: title" of every page */
    private static function after(PageList $pages, PageStep ...$steps): array
    {
        foreach ($steps as $step) {
            $step->plan($pages);
        }

        return array_map(static fn (PageDraft $draft): string => $draft->kind.': '.$draft->title, $pages->drafts());
    }

    private static function home(): AlwaysPage
    {
        return new AlwaysPage('home', 'Every site needs one.');
    }

    public function testAPageIsThereOnceWithEveryReason(): void
    {
        $pages = self::pages([]);
        $pages->add($pages->draft('faq', new Reason('One.', [])));
        $pages->add($pages->draft('faq', new Reason('Two.', [])));
        self::assertCount(1, $pages->drafts());
        self::assertCount(2, $pages->drafts()[0]->reasons);
    }

    public function testARefusedPageIsNotAdded(): void
    {
        $pages = self::pages([[FactKind::PageRefusal, 'Gallery', ['page' => 'gallery']], [FactKind::PageRefusal, 'Our llamas', []]]);
        $pages->add($pages->draft('gallery', new Reason('Usual.', [])));
        $pages->add(new PageDraft('page', 'Llamas', new Reason('Usual.', [])));
        self::assertSame([], $pages->drafts());
    }

    public function testNamesAreTheSameWithoutArticleAndPlural(): void
    {
        $pages = self::pages([]);
        self::assertSame($pages->key('Our Prices page'), $pages->key('price'));
        self::assertNotSame($pages->key('Prices'), $pages->key('Places'));
    }

    public function testAPageAskedForByTheNameOfAnOfferingIsAboutIt(): void
    {
        $facts = [[FactKind::Offering, 'Dry stone walls', []], [FactKind::Offering, 'Hedge laying', []], [FactKind::PageRequest, 'Walls', []], [FactKind::PageRequest, 'Contact', ['page' => 'contact']]];
        $pages = self::pages($facts);
        self::assertSame(['service: Walls', 'contact: Contact'], self::after($pages, new RequestedPages()));
        self::assertSame('Dry stone walls', $pages->drafts()[0]->subject?->value);
    }

    public function testAPageAskedForByTheNameOfATownIsAboutThatTown(): void
    {
        self::assertSame(['area: Pell'], self::after(self::pages([[FactKind::AreaServed, 'Pell', []], [FactKind::PageRequest, 'Pell', []]]), new RequestedPages()));
    }

    public function testANameOfSeveralOfferingsIsTheirList(): void
    {
        self::assertSame(['services: Hire'], self::after(self::pages([[FactKind::Offering, 'Main hall hire', []], [FactKind::Offering, 'Small room hire', []], [FactKind::PageRequest, 'Hire', []]]), new RequestedPages()));
    }

    public function testAPageForEachOfThem(): void
    {
        $offerings = [[FactKind::Offering, 'Swedish massage', []], [FactKind::Offering, 'Sports massage', []], [FactKind::Offering, 'Reflexology', []]];
        self::assertSame(['service: Swedish massage', 'service: Sports massage'], self::after(self::pages([...$offerings, [FactKind::PageRequest, 'A page for each massage', ['each' => 'massage']]]), new RequestedPages()));
        self::assertCount(3, self::after(self::pages([...$offerings, [FactKind::PageRequest, 'A page for each treatment', ['each' => 'treatment']]]), new RequestedPages()));
        self::assertSame(['area: Pell', 'area: Calder'], self::after(self::pages([[FactKind::AreaServed, 'Pell and Calder', []], [FactKind::PageRequest, 'A page for each town', ['each' => 'town']]]), new RequestedPages()));
    }

    public function testAFeatureBringsThePageItNeeds(): void
    {
        self::assertSame(['blog: Blog'], self::after(self::pages([[FactKind::Feature, 'blog', []], [FactKind::Feature, 'map', []]]), new FeaturePages()));
    }

    public function testAListOfFourPagesIsMeantToBeComplete(): void
    {
        $requests = array_map(static fn (string $page): array => [FactKind::PageRequest, $page, []], ['Home', 'Walls', 'Prices', 'Contact']);
        self::assertTrue(self::pages($requests)->isComplete);
        self::assertFalse(self::pages(\array_slice($requests, 1))->isComplete);
        $complete = self::pages([...$requests, [FactKind::Founded, '1990', []], [FactKind::Goal, 'bookings', []]]);
        self::assertSame([], self::after($complete, new UsualPages(), new GoalPage()));
    }

    public function testUsualPagesNeedAReasonInTheBrief(): void
    {
        $bare = self::after(self::pages([]), new UsualPages());
        self::assertContains('about: About', $bare);
        self::assertNotContains('pricing: Prices', $bare);
        $pages = self::pages([[FactKind::Offering, 'Spinning', ['price' => '£20']], [FactKind::Offering, 'Boxing', ['price' => '£60']], [FactKind::BusinessKind, 'gym', ['kind' => 'gym']]]);
        $kinds = array_map(static fn (string $page): string => explode(':', $page)[0], self::after($pages, new UsualPages()));
        self::assertContains('pricing', $kinds);
        self::assertContains('services', $kinds);
    }

    public function testTheGoalHasItsPage(): void
    {
        $kinds = array_map(static fn (string $page): string => explode(':', $page)[0], self::after(self::pages([[FactKind::Goal, 'donations', []]]), new GoalPage()));
        self::assertCount(1, $kinds);
        self::assertSame([], self::after(self::pages([[FactKind::Goal, 'donations', []], [FactKind::PageRefusal, $kinds[0], ['page' => $kinds[0]]]]), new GoalPage()), 'but not one that was refused');
    }

    public function testOfferingsWithMuchToSayHaveAPage(): void
    {
        $rich = static fn (string $name): array => [FactKind::Offering, $name, ['description' => str_repeat('word ', 20)]];
        self::assertCount(2, self::after(self::pages([$rich('Walls'), $rich('Hedges'), [FactKind::Offering, 'Gates', []]]), new RichOfferings()));
        self::assertCount(0, self::after(self::pages([$rich('Walls'), [FactKind::Offering, 'Gates', []]]), new RichOfferings()));
    }

    public function testTheWishedNumberIsReachedAndNotExceeded(): void
    {
        $pages = self::pages([[FactKind::PageCount, '5', []]], new PageRange(5, 5));
        self::after($pages, self::home(), new UpToTheNumber());
        self::assertSame(5, $pages->count());

        $few = self::pages([[FactKind::PageCount, '2', []]], new PageRange(2, 2));
        self::after($few, self::home(), new AlwaysPage('about', 'Usual.'), new AlwaysPage('faq', 'Usual.'), new AlwaysPage('contact', 'Usual.'), new DownToTheNumber());
        self::assertSame(2, $few->count());
        self::assertStringContainsString('Takes up', implode(' ', array_map(static fn (Reason $reason): string => $reason->text, $few->first('home')->reasons ?? [])));
        self::assertNotSame([], $few->first('home')?->takenOver);
    }

    public function testWhatWasAskedForIsNeverMergedAway(): void
    {
        $pages = self::pages([[FactKind::PageRequest, 'Walls', []], [FactKind::PageRequest, 'Hedges', []]], new PageRange(1, 1));
        self::assertSame(['page: Walls', 'page: Hedges'], self::after($pages, new RequestedPages(), new DownToTheNumber()));
    }

    public function testArticlesStandBehindTheBlog(): void
    {
        $pages = self::pages([]);
        self::after($pages, new AlwaysPage('blog', 'Wanted.'), new PagesBehind());
        self::assertSame($pages->first('blog'), $pages->first('article')?->parent);
    }

    public function testNothingIsBoughtWhereNothingIsSold(): void
    {
        $pages = self::pages([[FactKind::Goal, 'leads', []]]);
        self::after($pages, new AlwaysPage('products', 'Wanted.'), new PagesBehind());
        self::assertCount(1, $pages->drafts());
        $selling = self::pages([[FactKind::Goal, 'sales', []]]);
        self::after($selling, new AlwaysPage('products', 'Wanted.'), new PagesBehind());
        self::assertTrue($selling->has('checkout'));
    }

    public function testServicesStandBeneathTheirList(): void
    {
        $pages = self::pages([[FactKind::Offering, 'Walls', []], [FactKind::Offering, 'Hedges', []], [FactKind::Offering, 'Gates', []], [FactKind::PageRequest, 'Each', ['each' => 'service']]]);
        self::after($pages, new RequestedPages(), new Hierarchy());
        self::assertNotNull($pages->first('services'), 'three pages need a list');
        foreach ($pages->drafts() as $draft) {
            self::assertSame('service' === $draft->kind ? $pages->first('services') : null, $draft->parent);
        }
    }

    public function testTheMenuBeginsWithHomeAndEndsWithContact(): void
    {
        $pages = self::pages([]);
        self::after($pages, new AlwaysPage('privacy', 'Law.'), new AlwaysPage('contact', 'Usual.'), new AlwaysPage('faq', 'Usual.'), self::home(), new AlwaysPage('blog', 'Wanted.'), new PagesBehind());
        $kinds = array_map(static fn (PageDraft $draft): string => $draft->kind, (new MenuOrder())->of($pages));
        self::assertSame('home', $kinds[0]);
        self::assertSame('privacy', $kinds[\count($kinds) - 1]);
        self::assertSame('article', $kinds[(int) array_search('blog', $kinds, true) + 1]);
        self::assertGreaterThan(array_search('faq', $kinds, true), array_search('contact', $kinds, true));
    }

    public function testACompleteListKeepsItsOrder(): void
    {
        $pages = self::pages(array_map(static fn (string $page): array => [FactKind::PageRequest, $page, []], ['Walls', 'Prices', 'About', 'Hedges']));
        self::after($pages, self::home(), new RequestedPages());
        self::assertSame(['Home', 'Walls', 'Prices', 'About', 'Hedges'], array_map(static fn (PageDraft $draft): string => $draft->title, (new MenuOrder())->of($pages)));
    }
}

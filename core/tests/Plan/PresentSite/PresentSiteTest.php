<?php

declare(strict_types=1);

namespace DunePocket\Tests\Plan\PresentSite;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Source;
use DunePocket\Brief\SourceKind;
use DunePocket\Brief\Sources\SiteInventory;
use DunePocket\Brief\Sources\SitePage;
use DunePocket\Exchange\RedirectListWriter;
use DunePocket\Plan\PresentSite\Decision;
use DunePocket\Plan\PresentSite\Fate;
use DunePocket\Plan\PresentSite\PresentSite;
use DunePocket\Plan\PresentSite\Verdict;
use DunePocket\Project\Project;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class PresentSiteTest extends TestCase
{
    private const BRIEF = "We are Kelda Ropes, a rope maker in Harl. We offer boat ropes, climbing ropes and splicing repairs.\nPages: Home, About, Services, News, Contact. No gallery please.\nE-mail hello@kelda.example";

    private static function project(SitePage ...$pages): Project
    {
        $project = Bench::planned(self::BRIEF);
        $site = new Source('s2', 'sitemap.xml', SourceKind::Site, (new SiteInventory(array_values($pages)))->toText());

        return $project->withBrief(new Brief([...$project->brief->sources, $site], $project->brief->facts));
    }

    /** @return array{Verdict, Project} */
    private static function verdict(SitePage $page): array
    {
        $project = self::project($page);
        $verdicts = (new PresentSite(Bench::catalogue()->pageKinds()))->verdicts($project->brief, $project->plan);
        self::assertCount(1, $verdicts);

        return [$verdicts[0], $project];
    }

    private static function assertGoes(Fate $fate, ?string $kind, SitePage $page): Verdict
    {
        [$verdict, $project] = self::verdict($page);
        self::assertSame([$fate, $kind], [$verdict->fate, null === $verdict->page ? null : $project->plan->page($verdict->page)->kind], $verdict->reason);
        self::assertStringEndsWith('.', $verdict->reason);

        return $verdict;
    }

    public function testTheHomePageIsKeptUnderAnyOfItsNames(): void
    {
        foreach (['https://kelda.example', 'https://kelda.example/', 'https://kelda.example/index.php', '/home'] as $address) {
            self::assertGoes(Fate::Keep, 'home', new SitePage($address, 'Kelda'));
        }
    }

    public function testAPageOfTheSameNameOrKindIsKept(): void
    {
        self::assertGoes(Fate::Keep, 'about', new SitePage('https://kelda.example/about/'));
        self::assertGoes(Fate::Keep, 'about', new SitePage('https://kelda.example/p7.html', 'Our story | Kelda Ropes'));
        self::assertGoes(Fate::Keep, 'contact', new SitePage('https://kelda.example/get-in-touch'));
    }

    public function testArticlesOfTheOldSiteAreOneOfMany(): void
    {
        $verdict = self::assertGoes(Fate::Keep, 'article', new SitePage('https://kelda.example/news/a-rope-for-the-lifeboat', 'A rope for the lifeboat'));
        self::assertStringContainsString('One of many', $verdict->reason);
    }

    public function testAnOfferingWithoutItsOwnPageIsMergedIntoTheirList(): void
    {
        self::assertGoes(Fate::Merge, 'services', new SitePage('https://kelda.example/climbing-ropes', 'Climbing ropes – Kelda', [], 300));
    }

    public function testWhatTheBriefRefusesIsDroppedWithTheFact(): void
    {
        $verdict = self::assertGoes(Fate::Drop, null, new SitePage('https://kelda.example/gallery', 'Gallery'));
        self::assertNotSame([], $verdict->facts);
    }

    public function testAddressesThatOnlyTheSystemMadeAreDropped(): void
    {
        foreach (['/tag/knots/', '/news/page/2', '/author/mair', '/?p=12', '/wp-content/ropes.pdf', '/2019/04/'] as $path) {
            self::assertGoes(Fate::Drop, null, new SitePage("https://kelda.example$path"));
        }
    }

    public function testAPageWithALotToSayAndNoPlaceStaysOpen(): void
    {
        $verdict = self::assertGoes(Fate::Keep, null, new SitePage('https://kelda.example/knots-of-the-north', 'Knots of the north', [], 900));
        self::assertTrue($verdict->isOpen());
        self::assertStringContainsString('900 words', $verdict->reason);
    }

    public function testALittlePageIsMergedIntoTheOneAboveIt(): void
    {
        self::assertGoes(Fate::Merge, 'about', new SitePage('https://kelda.example/about/our-van', 'Our van', [], 60));
    }

    public function testWhatTheDesignerDecidedStands(): void
    {
        $project = self::project(new SitePage('https://kelda.example/gallery', 'Gallery'));
        $site = new PresentSite(Bench::catalogue()->pageKinds());
        $about = $project->plan->pages[1];
        $decided = $site->verdicts($project->brief, $project->plan, ['https://kelda.example/gallery' => new Decision(Fate::Merge, $about->id)])[0];
        self::assertSame([Fate::Merge, $about->id, true], [$decided->fate, $decided->page, $decided->decided]);
        $gone = $site->verdicts($project->brief, $project->plan, ['https://kelda.example/gallery' => new Decision(Fate::Merge, 'p99')])[0];
        self::assertFalse($gone->decided, 'A page that is not in the plan any more takes up nothing.');
    }

    public function testTheInventoryComesBackFromItsText(): void
    {
        $inventory = new SiteInventory([new SitePage('https://kelda.example/', 'Kelda – ropes since 1901', ['Ropes', 'Find us'], 240), new SitePage('/a b', '', [], 0), new SitePage('https://kelda.example/n?x=1', 'Odd (2 words)', [], 12)]);
        $read = SiteInventory::fromText($inventory->toText());
        self::assertSame(['https://kelda.example/', 'Kelda – ropes since 1901', ['Ropes', 'Find us'], 240], [$read->pages[0]->address, $read->pages[0]->title, $read->pages[0]->headings, $read->pages[0]->words]);
        $last = \array_slice($read->pages, -1)[0];
        self::assertSame(['Odd (2 words)', 12], [$last->title, $last->words]);
    }

    public function testTheRedirectListLeadsEveryOldAddressSomewhere(): void
    {
        $project = self::project(new SitePage('https://kelda.example/', 'Kelda'), new SitePage('https://kelda.example/our-story'), new SitePage('https://kelda.example/gallery'), new SitePage('https://kelda.example/knots,old', 'Knots', [], 900));
        $list = (new RedirectListWriter(Bench::catalogue()->pageKinds()))->write($project, 'https://kelda.example');
        self::assertSame("from,to,status\r\nhttps://kelda.example/our-story,https://kelda.example/about,301\r\nhttps://kelda.example/gallery,,410\r\n", $list);
    }
}

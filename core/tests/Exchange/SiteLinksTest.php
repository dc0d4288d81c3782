<?php

declare(strict_types=1);

namespace DunePocket\Tests\Exchange;

use DunePocket\Brief\Profile;
use DunePocket\Exchange\Site\SiteLinks;
use DunePocket\Exchange\Site\SitePages;
use DunePocket\Plan\CopyLine;
use DunePocket\Plan\CopyRole;
use DunePocket\Plan\Page;
use DunePocket\Plan\Section;
use DunePocket\Project\Project;
use DunePocket\Tests\Support\Bench;
use DunePocket\Wireframe\Html\Semantic;
use PHPUnit\Framework\TestCase;

final class SiteLinksTest extends TestCase
{
    private static function project(): Project
    {
        return Bench::planned("We are Kelda Ropes, a rope maker in Harl. We sell boat ropes, climbing ropes and dog leads online. The site is to bring sales.\nPages: Home, Shop, About, News, Contact. Phone 01632 960 777.");
    }

    private static function to(Project $project, string $kind, string $slot, string $text, CopyLine ...$more): ?string
    {
        $section = new Section('x', $kind, 'T', 'T.', '', copy: [new CopyLine($slot, CopyRole::Button, $text), ...array_values($more)]);
        $links = new SiteLinks($project->plan, Bench::catalogue(), new Profile($project->brief, Bench::catalogue()), $project->plan->path(...));

        return $links->of($section, $section->copy[0]);
    }

    public function testMenusAndTheNameLeadToThePages(): void
    {
        $project = self::project();
        self::assertSame('/about', self::to($project, 'site-header', 'item', 'About'));
        self::assertSame('/', self::to($project, 'site-header', 'name', 'Kelda Ropes'));
    }

    public function testButtonsLeadWhereTheCatalogueSays(): void
    {
        $project = self::project();
        self::assertSame('/shop', self::to($project, 'hero', 'button', 'Shop now'), 'the goal is to sell');
        self::assertSame('/basket', self::to($project, 'product-detail', 'button', 'Into the basket'));
        self::assertSame('/checkout', self::to($project, 'cart', 'button', 'To the checkout'));
        self::assertSame('/', self::to($project, 'error-message', 'button', 'Back to the start'));
        self::assertSame('tel:01632960777', self::to($project, 'hero', 'button-2', 'Ring 01632 960 777'));
    }

    public function testEveryLinkOfEveryPageLeadsToAPageOfTheSite(): void
    {
        $project = self::project();
        $pages = new SitePages(Bench::catalogue());
        $paths = array_map($project->plan->path(...), $project->plan->pages);
        $seen = 0;
        foreach ($project->plan->pages as $page) {
            preg_match_all('/href="([^"]*)"/', $pages->page($project, $page, new Semantic(), static fn (Page $to): string => $project->plan->path($to))['body'], $links);
            foreach ($links[1] as $link) {
                if (1 !== preg_match('/^(?:#|tel:|mailto:)/', $link)) {
                    self::assertContains($link, $paths, "$page->title leads to $link");
                    ++$seen;
                }
            }
        }
        self::assertGreaterThan(40, $seen);
    }

    public function testOneSectionIsWrittenAlone(): void
    {
        $project = self::project();
        $page = $project->plan->pages[0];
        $one = (new SitePages(Bench::catalogue()))->page($project, $page, new Semantic(), $project->plan->path(...), $page->sections()[1]->id);
        self::assertSame(1, substr_count($one['body'], '<section'));
        self::assertStringNotContainsString('<header', $one['body']);
    }
}

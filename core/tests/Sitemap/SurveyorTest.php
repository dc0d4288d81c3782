<?php

declare(strict_types=1);

namespace DunePocket\Tests\Sitemap;

use DunePocket\Exchange\SitemapPdfWriter;
use DunePocket\Exchange\SitemapSvgWriter;
use DunePocket\Plan\Navigation;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Sitemap\Diagram;
use DunePocket\Sitemap\PageBox;
use DunePocket\Sitemap\Surveyor;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SurveyorTest extends TestCase
{
    private static function plan(int $pages, int $topLevel): Plan
    {
        $all = [];
        for ($i = 0; $i < $pages; ++$i) {
            $parent = match (true) {
                $i <= $topLevel => null,
                0 === $i % 7 => 'p'.($i - 1),
                default => 'p'.(1 + $i % $topLevel),
            };
            $all[] = new Page("p$i", $parent, 0 === $i ? 'home' : (1 === $i % 9 ? 'article' : 'page'), 0 === $i ? 'Home' : "Page number $i with quite a long title", 0 === $i ? '' : "page-$i", Navigation::Main, 1 === $i % 9, '');
        }

        return new Plan($all);
    }

    private static function diagram(Plan $plan): Diagram
    {
        return (new Surveyor(Bench::catalogue()->pageKinds()))->diagram($plan);
    }

    /** @return iterable<string, array{Plan}> */
    public static function sites(): iterable
    {
        yield 'one page' => [self::plan(1, 1)];
        yield 'five pages' => [self::plan(5, 4)];
        yield 'twenty pages' => [self::plan(20, 6)];
        yield 'a hundred and twenty pages' => [self::plan(120, 14)];
        yield 'a planned shop' => [Bench::planned("We are Kelda Ropes. We sell ropes, twine and nets online.\nPages: Home, Shop, About, News, Contact.")->plan];
    }

    #[DataProvider('sites')]
    public function testEveryPageStandsOnceInsideTheSheetAndOnNoOther(Plan $plan): void
    {
        $diagram = self::diagram($plan);
        self::assertEqualsCanonicalizing(array_map(static fn (Page $page): string => $page->id, $plan->pages), array_map(static fn (PageBox $box): string => $box->page, $diagram->boxes));
        foreach ($diagram->boxes as $i => $a) {
            self::assertTrue($a->x >= 0 && $a->y >= 0 && $a->x + $a->width <= $diagram->width && $a->y + PageBox::HEIGHT <= $diagram->height);
            foreach (\array_slice($diagram->boxes, $i + 1) as $b) {
                $apart = $a->x + $a->width <= $b->x || $b->x + $b->width <= $a->x || $a->y + PageBox::HEIGHT <= $b->y || $b->y + PageBox::HEIGHT <= $a->y;
                self::assertTrue($apart, "{$a->page} lies on {$b->page}.");
            }
        }
    }

    #[DataProvider('sites')]
    public function testLinesRunStraightAndEndAtBoxes(Plan $plan): void
    {
        $diagram = self::diagram($plan);
        foreach ($diagram->lines as [$x1, $y1, $x2, $y2]) {
            self::assertTrue($x1 === $x2 || $y1 === $y2, 'A connector is level or upright.');
        }
        self::assertGreaterThanOrEqual(\count($plan->pages) - 1, \count($diagram->lines) + \count(array_filter($diagram->boxes, static fn (PageBox $box): bool => $box->supports)));
    }

    public function testAHundredAndTwentyPagesFillALandscapeSheet(): void
    {
        $diagram = self::diagram(self::plan(120, 14));
        self::assertEqualsWithDelta(1.414, $diagram->width / $diagram->height, 0.5);
    }

    public function testKindsOfPagesShowInTheirShape(): void
    {
        $plan = Bench::planned("We are Kelda Ropes. We sell ropes, twine and nets online.\nPages: Home, Shop, About, News, Contact.");
        $svg = (new SitemapSvgWriter(Bench::catalogue()->pageKinds()))->write($plan, '');
        $document = new \DOMDocument();
        self::assertTrue($document->loadXML($svg));
        self::assertStringContainsString('stroke-dasharray', $svg);
        self::assertStringContainsString('one design for many pages', $svg);
        self::assertSame(\count($plan->plan->pages), substr_count($svg, 'data-page='));
    }

    public function testTitlesAreEscaped(): void
    {
        $plan = new Plan([new Page('p1', null, 'home', '<script>alert(1)</script>', '', Navigation::Main, false, '')]);
        self::assertStringNotContainsString('<script>', (new SitemapSvgWriter(Bench::catalogue()->pageKinds()))->write(Bench::planned('We mend clocks.')->withPlan($plan), ''));
    }

    #[DataProvider('sites')]
    public function testThePdfHasOnePage(Plan $plan): void
    {
        $pdf = (new SitemapPdfWriter(Bench::catalogue()->pageKinds()))->write(Bench::planned('We mend clocks.')->withPlan($plan), '');
        self::assertStringStartsWith('%PDF-', $pdf);
        self::assertSame(1, (new \Smalot\PdfParser\Parser())->parseContent($pdf)->getDetails()['Pages'] ?? null);
        self::assertStringContainsString('Home', (new \Smalot\PdfParser\Parser())->parseContent($pdf)->getText());
    }
}

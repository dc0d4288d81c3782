<?php

declare(strict_types=1);

namespace DunePocket\Tests\Plan\Outline;

use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;
use DunePocket\Exchange\OpmlWriter;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Inspector;
use DunePocket\Plan\Outline\OutlineNode;
use DunePocket\Plan\Outline\OutlineReader;
use DunePocket\Plan\Page;
use DunePocket\Project\Actions;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OutlineReaderTest extends TestCase
{
    private const PAGES = [['Home', 0], ['Ropes', 0], ['Boat ropes', 1], ['Climbing ropes', 1], ['Care', 2], ['About us', 0]];

    /** @return iterable<string, array{string}> */
    public static function ways(): iterable
    {
        yield 'two spaces' => ["Home\nRopes\n  Boat ropes\n  Climbing ropes\n    Care\nAbout us"];
        yield 'tabs, blank lines, Windows line ends' => ["Home\r\n\r\nRopes\r\n\tBoat ropes\r\n\tClimbing ropes\r\n\t\tCare\r\nAbout us\r\n"];
        yield 'bullets' => ["- Home\n- Ropes\n  - Boat ropes\n  - Climbing ropes\n    - Care\n- About us"];
        yield 'numbers' => ["1 Home\n2 Ropes\n2.1 Boat ropes\n2.2 Climbing ropes\n2.2.1 Care\n3 About us"];
        yield 'more and more dashes' => ["- Home\n- Ropes\n-- Boat ropes\n-- Climbing ropes\n--- Care\n- About us"];
        yield 'headings' => ["# Home\n# Ropes\n## Boat ropes\n## Climbing ropes\n### Care\n# About us"];
        yield 'OPML' => ['<?xml version="1.0"?><opml version="2.0"><head/><body><outline text="Home"/><outline text="Ropes"><outline text="Boat ropes"/><outline text="Climbing ropes"><outline text="Care"/></outline></outline><outline text="About us"/></body></opml>'];
    }

    #[DataProvider('ways')]
    public function testAnOutlineIsReadHoweverItIsIndented(string $outline): void
    {
        self::assertSame(self::PAGES, array_map(static fn (OutlineNode $node): array => [$node->title, $node->depth], OutlineReader::read($outline)));
    }

    public function testWhatStandsBehindAColonIsWhatThePageIsFor(): void
    {
        $nodes = OutlineReader::read("Prices: what a metre costs\nCare – how to keep a rope dry");
        self::assertSame([['Prices', 'what a metre costs'], ['Care', 'how to keep a rope dry']], array_map(static fn (OutlineNode $node): array => [$node->title, $node->note], $nodes));
    }

    /** @return iterable<string, array{string, string}> */
    public static function broken(): iterable
    {
        yield 'nothing' => ["\n  \n", 'no page'];
        yield 'broken OPML' => ['<opml><body>', 'broken'];
        yield 'entities' => ['<!DOCTYPE opml [<!ENTITY x SYSTEM "file:///etc/hostname">]><opml><body><outline text="&x;"/></body></opml>', 'entities'];
        yield 'a book' => [str_repeat("A page\n", 400), 'the most'];
    }

    #[DataProvider('broken')]
    public function testWhatIsNoOutlineIsSaid(string $text, string $said): void
    {
        $this->expectException(InvalidData::class);
        $this->expectExceptionMessage($said);
        OutlineReader::read($text);
    }

    public function testAnOutlineIsPlannedLikeAnyOtherPlan(): void
    {
        $empty = Bench::planned('We are Kelda Ropes, a rope maker. We sell boat ropes and climbing ropes.');
        $change = (new Actions(Bench::catalogue()))->change(new Node(['type' => 'plan-outline', 'outline' => "Ropes\n  Boat ropes\n  Climbing ropes\nQuestions\nContact"]), $empty);
        $plan = $change->apply($empty)->plan;
        self::assertSame(['Home', 'Ropes', 'Boat ropes', 'Climbing ropes', 'Questions', 'Contact', 'Privacy'], array_map(static fn (Page $page): string => $page->title, $plan->pages));
        self::assertSame('/ropes/boat-ropes', $plan->path($plan->pages[2]));
        self::assertSame(['service', 'faq'], [$plan->pages[2]->kind, $plan->pages[4]->kind]);
        foreach ($plan->pages as $page) {
            self::assertGreaterThan(2, \count($page->sections()), $page->title);
        }
        $errors = array_filter((new Inspector(Bench::catalogue()))->inspect($change->apply($empty)), static fn (Finding $finding): bool => 'error' === $finding->level->value);
        self::assertSame([], array_map(static fn (Finding $finding): string => $finding->text, array_values($errors)));
    }

    public function testTheOutlineOfAPlanComesBack(): void
    {
        $project = Bench::planned(Bench::text('formal.md'));
        $nodes = OutlineReader::read((new OpmlWriter())->write($project, ''));
        self::assertSame(array_map(static fn (Page $page): array => [$page->title, $project->plan->depth($page), $page->purpose], $project->plan->pages), array_map(static fn (OutlineNode $node): array => [$node->title, $node->depth, $node->note], $nodes));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Wireframe;

use DunePocket\Catalogue\Layout;
use DunePocket\Exchange\Formats;
use DunePocket\Plan\CopyLine;
use DunePocket\Plan\CopyRole;
use DunePocket\Plan\CopyStatus;
use DunePocket\Plan\Look;
use DunePocket\Plan\Section;
use DunePocket\Tests\Support\Bench;
use DunePocket\Wireframe\Box;
use DunePocket\Wireframe\Composer;
use DunePocket\Wireframe\Draughtsman;
use DunePocket\Wireframe\Drawing;
use DunePocket\Wireframe\FontMetrics;
use DunePocket\Wireframe\LineBreaker;
use DunePocket\Wireframe\Media;
use DunePocket\Wireframe\SvgWriter;
use DunePocket\Wireframe\TextRun;
use DunePocket\Wireframe\Viewport;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ComposerTest extends TestCase
{
    private static function draw(Section $section, Viewport $viewport): Drawing
    {
        return Composer::withShippedFont()->compose($section, Bench::catalogue()->layout($section->layout), $viewport);
    }

    /** A section with a text in every slot, three items, one of them to supply. */
    private static function full(Layout $layout): Section
    {
        $kind = Bench::catalogue()->sectionKind($layout->section);
        $copy = [];
        foreach ($kind->slots as $slot => $role) {
            $copy[] = new CopyLine($slot, CopyRole::from($role), 'Words that stand for the '.$slot.' of this section');
        }
        for ($item = 0; $item < 3; ++$item) {
            foreach ($kind->items as $slot => $role) {
                $copy[] = new CopyLine($slot, CopyRole::from($role), 'Item '.$slot, $item, 2 === $item ? CopyStatus::ToSupply : CopyStatus::Drafted);
            }
        }

        return new Section('p1s1', $layout->section, 'Test', 'Tests.', $layout->id, copy: $copy);
    }

    /** @return iterable<string, array{string}> */
    public static function layouts(): iterable
    {
        foreach (Bench::catalogue()->layouts() as $layout) {
            yield $layout->id => [$layout->id];
        }
    }

    #[DataProvider('layouts')]
    public function testEveryLayoutDrawsInsideItsWidth(string $layout): void
    {
        $section = self::full(Bench::catalogue()->layout($layout));
        $scrolls = str_ends_with($layout, '.rail');
        foreach (Viewport::cases() as $viewport) {
            $drawing = self::draw($section, $viewport);
            self::assertSame($viewport->width(), $drawing->width);
            self::assertGreaterThan(20, $drawing->height);
            self::assertNotEmpty($drawing->shapes);
            foreach ($drawing->shapes as $shape) {
                if ($shape instanceof Box || $shape instanceof Media || $shape instanceof TextRun) {
                    self::assertGreaterThanOrEqual(-0.5, $shape->x);
                    self::assertLessThanOrEqual($drawing->width + 0.5, $scrolls ? $shape->x : $shape->x + $shape->width, $layout.' '.$viewport->value.' '.$shape::class.($shape instanceof TextRun ? $shape->text : ''));
                    self::assertGreaterThanOrEqual(-0.5, $shape->y);
                    self::assertLessThanOrEqual($drawing->height + 0.5, $shape->y + ($shape instanceof TextRun ? 0 : $shape->height), "$layout $viewport->value");
                }
            }
        }
    }

    #[DataProvider('layouts')]
    public function testTextsDoNotLieOnEachOther(string $layout): void
    {
        $section = self::full(Bench::catalogue()->layout($layout));
        foreach (Viewport::cases() as $viewport) {
            self::addToAssertionCount(1);
            $slots = array_values(array_filter(self::draw($section, $viewport)->slots, static fn ($slot): bool => !$slot->media));
            foreach ($slots as $i => $a) {
                foreach (\array_slice($slots, $i + 1) as $b) {
                    $apart = $a->x + $a->width <= $b->x + 1 || $b->x + $b->width <= $a->x + 1 || $a->y + $a->height <= $b->y + 1 || $b->y + $b->height <= $a->y + 1;
                    self::assertTrue($apart, "$layout $viewport->value: $a->slot and $b->slot");
                }
            }
        }
    }

    public function testARowFoldsOnThePhone(): void
    {
        $section = self::full(Bench::catalogue()->layout('hero.portrait'));
        $y = static function (Viewport $viewport) use ($section): array {
            $places = [];
            foreach (self::draw($section, $viewport)->slots as $slot) {
                $places[$slot->slot] = $slot;
            }

            return [$places['heading'], $places['picture']];
        };
        [$heading, $picture] = $y(Viewport::Desktop);
        self::assertLessThan($heading->x, $picture->x);
        [$heading, $picture] = $y(Viewport::Phone);
        self::assertLessThan($picture->y, $heading->y, 'folded, the words come first');
        self::assertSame($heading->x, $picture->x);
    }

    public function testALongerTextMakesTheSectionTaller(): void
    {
        $short = new Section('p1s1', 'text', 'T', 'T.', 'text.plain', copy: [new CopyLine('text', CopyRole::Body, 'One line.')]);
        $long = $short->withLine(new CopyLine('text', CopyRole::Body, str_repeat('Many words that go on and on. ', 20)));
        self::assertGreaterThan(self::draw($short, Viewport::Desktop)->height, self::draw($long, Viewport::Desktop)->height);
    }

    public function testLinesBreakAtSpacesAndInsideWordsOnlyWhenTheyMust(): void
    {
        $breaker = new LineBreaker(FontMetrics::shipped());
        $lines = $breaker->break('The tide comes in twice a day and goes out again', 150, 16, 400);
        self::assertGreaterThan(2, \count($lines));
        foreach ($lines as [$text, $width]) {
            self::assertLessThanOrEqual(150, $width);
            self::assertEqualsWithDelta(FontMetrics::shipped()->width($text, 16, 400), $width, 0.01);
        }
        self::assertSame('The tide comes in twice a day and goes out again', implode(' ', array_column($lines, 0)));
        $broken = $breaker->break(str_repeat('w', 40), 100, 16, 400);
        self::assertGreaterThan(1, \count($broken));
        self::assertSame(str_repeat('w', 40), implode('', array_column($broken, 0)));
    }

    public function testTheDrawingIsWellFormedAndScriptsInTextStayText(): void
    {
        $section = new Section('p1s1', 'text', 'T', 'T.', 'text.plain', copy: [new CopyLine('text', CopyRole::Body, '<script>alert("x")</script> & </svg>')]);
        foreach ([(new SvgWriter())->page(self::draw($section, Viewport::Phone)), (new SvgWriter())->thumbnail(self::draw($section, Viewport::Phone))] as $svg) {
            $document = new \DOMDocument();
            self::assertTrue($document->loadXML($svg));
            self::assertSame(0, $document->getElementsByTagName('script')->length);
        }
    }

    public function testTheBoardNamesPagesWidthsAndSections(): void
    {
        $project = Bench::planned(Bench::text('list.txt'));
        $svg = (new Formats(Bench::catalogue()))->get('wireframes')->write($project, '');
        $document = new \DOMDocument();
        self::assertTrue($document->loadXML($svg));
        $groups = new \DOMXPath($document);
        $groups->registerNamespace('s', 'http://www.w3.org/2000/svg');
        self::assertCount(\count($project->plan->pages), $groups->query('/s:svg/s:g') ?: []);
        foreach ($project->plan->pages as $page) {
            foreach (Viewport::cases() as $viewport) {
                $labels = [];
                foreach ($groups->query("//s:g[@id='{$page->id}-{$viewport->value}']/s:g") ?: [] as $group) {
                    $labels[] = $group instanceof \DOMElement ? $group->getAttribute('aria-label') : '';
                }
                self::assertSame(array_map(static fn (Section $section): string => $project->plan->shown($section)->title, $page->sections()), $labels);
            }
        }
        self::assertGreaterThan(50, $document->getElementsByTagName('text')->length);
    }

    public function testWhatADesignerOrderedAndCountedIsDrawnLikeThat(): void
    {
        $places = static function (Section $section): array {
            $tops = [];
            foreach (self::draw($section, Viewport::Desktop)->slots as $slot) {
                $tops[$slot->slot.($slot->item ?? '')] = [$slot->x, $slot->y];
            }

            return $tops;
        };
        $section = self::full(Bench::catalogue()->layout('feature-grid.threes'));
        $before = $places($section);
        self::assertLessThan($before['text'][1], $before['heading'][1]);
        self::assertSame($before['item-heading0'][1], $before['item-heading2'][1], 'three in a row');
        $after = $places($section->withLook(new Look(columns: 2, order: ['text', 'heading', 'item-text', 'item-heading'])));
        self::assertGreaterThan($after['text'][1], $after['heading'][1]);
        self::assertGreaterThan($after['item-text0'][1], $after['item-heading0'][1]);
        self::assertGreaterThan($after['item-heading0'][1], $after['item-heading2'][1], 'two in a row, the third below');
    }

    public function testTheThumbnailIsTheSameDrawingWithBarsForWords(): void
    {
        $project = Bench::planned(Bench::text('list.txt'));
        $draughtsman = new Draughtsman(Bench::catalogue());
        $hero = $project->plan->pages[0]->sections()[1];
        $thumbnail = $draughtsman->thumbnail($hero);
        self::assertStringNotContainsString('<text', $thumbnail);
        self::assertStringContainsString('viewBox="0 0 1280 ', $thumbnail);
        self::assertStringContainsString('<text', $draughtsman->svg($draughtsman->drawing($hero, Viewport::Desktop)));
    }
}

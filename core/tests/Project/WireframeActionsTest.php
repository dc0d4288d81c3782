<?php

declare(strict_types=1);

namespace DunePocket\Tests\Project;

use DunePocket\Plan\CopyStatus;
use DunePocket\Plan\Page;
use DunePocket\Plan\Section;
use DunePocket\Project\Change\InvalidChange;
use DunePocket\Project\Project;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WireframeActionsTest extends TestCase
{
    private static function project(): Project
    {
        static $project = null;
        $project ??= Bench::planned(Bench::text('list.txt'));
        \assert($project instanceof Project);

        return $project;
    }

    private static function opening(Project $project): Section
    {
        return $project->plan->pages[0]->sections()[1];
    }

    private static function listOf(Project $project): Section
    {
        foreach ($project->plan->pages[0]->sections() as $section) {
            if (\count($section->items()) > 2) {
                return $section;
            }
        }
        self::fail('There is no list on Home.');
    }

    public function testWhatIsHiddenIsKeptAndComesBack(): void
    {
        $section = self::opening(self::project());
        $before = $section->line('text');
        self::assertNotNull($before);
        $hidden = Bench::after(self::project(), ['type' => 'show-slot', 'section' => $section->id, 'slot' => 'text', 'shown' => false]);
        self::assertTrue(self::opening($hidden)->look->hides('text'));
        self::assertEquals($before, self::opening($hidden)->line('text'));
        $back = Bench::after($hidden, ['type' => 'show-slot', 'section' => $section->id, 'slot' => 'text', 'shown' => true]);
        self::assertEquals($section, self::opening($back));
    }

    public function testASlotThatNeverHadCopyIsDrafted(): void
    {
        $section = self::opening(self::project());
        self::assertNull($section->line('label'));
        $after = Bench::after(self::project(), ['type' => 'show-slot', 'section' => $section->id, 'slot' => 'label', 'shown' => true]);
        $label = self::opening($after)->line('label');
        self::assertNotNull($label);
        self::assertNotSame('', $label->text);
    }

    public function testCopyWithoutAPlaceInALayoutComesBackWithTheOldOne(): void
    {
        $section = self::opening(self::project());
        $use = static fn (string $layout): array => ['type' => 'edit-section', 'section' => $section->id, 'field' => 'layout', 'value' => $layout];
        $there = Bench::after(self::project(), $use('hero.centred'));
        self::assertEquals($section->copy, self::opening($there)->copy);
        self::assertEquals($section, self::opening(Bench::after($there, $use($section->layout))));
    }

    public function testItemsAreAddedRemovedAndReordered(): void
    {
        $section = self::listOf(self::project());
        $names = static fn (Project $project): array => array_map(static fn (array $item): string => $item[0]->text, $project->plan->section($section->id)->items());
        $before = $names(self::project());
        $moved = Bench::after(self::project(), ['type' => 'move-item', 'section' => $section->id, 'item' => 0, 'to' => 1]);
        self::assertSame([$before[1], $before[0]], \array_slice($names($moved), 0, 2));
        $fewer = Bench::after(self::project(), ['type' => 'remove-item', 'section' => $section->id, 'item' => 1]);
        self::assertSame(array_values(array_diff_key($before, [1 => true])), $names($fewer));
        $more = Bench::after(self::project(), ['type' => 'add-item', 'section' => $section->id, 'after' => 0]);
        self::assertCount(\count($before) + 1, $names($more));
        foreach ($more->plan->section($section->id)->items()[1] as $line) {
            self::assertSame(CopyStatus::ToSupply, $line->status, 'a new item is asked of the client, never invented');
        }
    }

    public function testAnItemBeforeAllOthersIsTheFirst(): void
    {
        $section = self::listOf(self::project());
        foreach ([-1, -4] as $after) {
            $more = Bench::after(self::project(), ['type' => 'add-item', 'section' => $section->id, 'after' => $after]);
            self::assertSame(CopyStatus::ToSupply, $more->plan->section($section->id)->items()[0][0]->status);
        }
    }

    /** @param array<string, mixed> $action */
    #[DataProvider('refused')]
    public function testWhatNoSectionCanLookLikeIsRefused(array $action): void
    {
        $this->expectException(InvalidChange::class);
        Bench::after(self::project(), ['section' => self::opening(self::project())->id, ...$action]);
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function refused(): iterable
    {
        yield 'a setting' => [['type' => 'set-look', 'look' => ['align' => 'upwards']]];
        yield 'a setting with a layout' => [['type' => 'lay-out', 'layout' => 'hero.centred', 'look' => ['align' => 'upwards']]];
        yield 'a layout of another kind' => [['type' => 'lay-out', 'layout' => 'faq.rows', 'look' => []]];
        yield 'a slot' => [['type' => 'show-slot', 'slot' => 'price', 'shown' => true]];
        yield 'an item' => [['type' => 'add-item', 'after' => 0]];
    }

    public function testOneLayoutEverywhereLeavesWhatIsKeptAndPagesThatAreNotNamed(): void
    {
        $project = self::project();
        $intros = [];
        foreach ($project->plan->pages as $page) {
            foreach ($page->sections() as $section) {
                if ('page-intro' === $section->kind) {
                    $intros[$page->id] = $section;
                }
            }
        }
        self::assertGreaterThan(3, \count($intros));
        [$first, $kept, $named] = array_values($intros);
        $namedPage = (string) array_search($named, $intros, true);
        $project = Bench::after($project, ['type' => 'edit-section', 'section' => $kept->id, 'field' => 'kept', 'value' => 'yes'], ['type' => 'lay-out', 'section' => $first->id, 'layout' => 'page-intro.over', 'look' => ['align' => 'center']]);
        $all = Bench::after($project, ['type' => 'use-everywhere', 'section' => $first->id, 'what' => 'both']);
        foreach ($intros as $section) {
            $now = $all->plan->section($section->id);
            self::assertSame($section->id === $kept->id ? $kept->layout : 'page-intro.over', $now->layout);
            self::assertSame($section->id === $kept->id ? '' : 'center', $now->look->align);
        }
        $some = Bench::after($project, ['type' => 'use-everywhere', 'section' => $first->id, 'what' => 'layout', 'pages' => [$namedPage]]);
        self::assertSame('page-intro.over', $some->plan->section($named->id)->layout);
        $others = array_diff_key($intros, [$namedPage => true, (string) array_search($first, $intros, true) => true]);
        foreach ($others as $section) {
            self::assertSame($section->layout, $some->plan->section($section->id)->layout);
        }
        $this->expectException(InvalidChange::class);
        Bench::after($all, ['type' => 'use-everywhere', 'section' => $first->id, 'what' => 'both']);
    }

    public function testAnotherGoAtASectionKeepsItsSettings(): void
    {
        $section = self::opening(self::project());
        $settled = Bench::after(self::project(), ['type' => 'set-look', 'section' => $section->id, 'look' => ['hidden' => ['button-2'], 'media' => 'video']]);
        $again = Bench::after($settled, ['type' => 'another-section', 'section' => $section->id]);
        self::assertSame(['button-2'], self::opening($again)->look->hidden);
        self::assertSame('video', self::opening($again)->look->media);
        self::assertInstanceOf(Page::class, $again->plan->pageOf($section->id));
    }
}

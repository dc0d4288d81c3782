<?php

declare(strict_types=1);

namespace DunePocket\Tests\Plan\Layouts;

use DunePocket\Catalogue\BusinessKind;
use DunePocket\Plan\CopyLine;
use DunePocket\Plan\CopyRole;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Planning\Layouts\Choice;
use DunePocket\Plan\Planning\Layouts\LayoutChooser;
use DunePocket\Plan\Planning\Layouts\Why;
use DunePocket\Plan\Section;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A page is laid out as a whole: common practice of page design. */
final class LayoutChooserTest extends TestCase
{
    private static function business(): BusinessKind
    {
        return Bench::catalogue()->businessKinds()[0];
    }

    private static function chooser(): LayoutChooser
    {
        return new LayoutChooser(Bench::catalogue(), self::business());
    }

    private static function section(string $kind, int $items = 0, string $itemText = 'A line on it.', string $heading = 'A heading'): Section
    {
        $copy = [new CopyLine('heading', CopyRole::Heading, $heading), new CopyLine('text', CopyRole::Body, 'One sentence.'), new CopyLine('picture', CopyRole::Alt, 'the shop')];
        for ($item = 0; $item < $items; ++$item) {
            $copy[] = new CopyLine('item-heading', CopyRole::Item, "Item $item", $item);
            $copy[] = new CopyLine('item-text', CopyRole::Body, $itemText, $item);
        }

        return new Section("p1-$kind-$items", $kind, 'Test', 'Tests.', '', copy: $copy);
    }

    /** @return iterable<string, array{string}> */
    public static function briefs(): iterable
    {
        foreach (['formal.md', 'chatty-email.txt', 'list.txt', 'note.txt', 'questionnaire.txt'] as $brief) {
            yield $brief => [$brief];
        }
    }

    #[DataProvider('briefs')]
    public function testAPlannedPageHasRhythm(string $brief): void
    {
        $plan = Bench::planned(Bench::text($brief))->plan;
        $catalogue = Bench::catalogue();
        foreach ($plan->pages as $page) {
            $before = null;
            $wholeScreens = 0;
            foreach ($page->sections() as $section) {
                $shown = $plan->resolve($section);
                $layout = $catalogue->layout($shown->layout);
                $side = Choice::sideOf($layout, $shown->look->flipped);
                self::assertFalse(\in_array($side, ['start', 'end'], true) && null !== $before && $before[0] === $side, "$brief $page->title: pictures on one side at $section->title");
                self::assertFalse(null !== $before && $before[1] === $layout->id, "$brief $page->title: {$layout->id} twice");
                $wholeScreens += $layout->full || $shown->look->full ? 1 : 0;
                $before = [$side, $layout->id];
            }
            self::assertLessThanOrEqual(1, $wholeScreens);
        }
    }

    public function testTheNumberOfItemsDecides(): void
    {
        $catalogue = Bench::catalogue();
        foreach ([1, 2, 3, 5, 8, 12] as $items) {
            foreach (['services-list', 'team', 'faq', 'gallery', 'price-list'] as $kind) {
                $layout = $catalogue->layout(self::chooser()->page([self::section($kind, $items)], 'home')[0]->layout);
                $fit = array_filter($catalogue->layoutsFor($kind), static fn ($one): bool => null === $one->items || ($items >= $one->items[0] && $items <= $one->items[1]));
                if ([] !== $fit) {
                    self::assertContains($layout->id, array_map(static fn ($one): string => $one->id, $fit), "$items items in {$layout->id}");
                }
            }
        }
    }

    public function testLongTextsDoNotStandInNarrowColumnsAndLongHeadingsAreNotSetVeryLarge(): void
    {
        $chooser = self::chooser();
        $long = self::section('feature-grid', 4, str_repeat('Rather many words about one point. ', 12));
        self::assertLessThanOrEqual(2, $chooser->present($chooser->page([$long], 'home')[0])->traits->columns);
        $wordy = self::section('hero', 0, '', str_repeat('A very long heading indeed ', 5));
        self::assertFalse($chooser->present($chooser->page([$wordy], 'home')[0])->traits->display);
    }

    public function testTheSamePageGivesTheSameLayoutsAndAnotherTurnOthers(): void
    {
        $page = [self::section('hero'), self::section('services-list', 4), self::section('feature'), self::section('faq', 5), self::section('team', 3)];
        self::assertSame(self::ids(self::chooser()->page($page, 'home')), self::ids(self::chooser()->page($page, 'home')));
        $turns = array_unique(array_map(static fn (int $turn): string => implode(' ', self::ids(self::chooser()->page($page, 'home', $turn))), range(0, 9)));
        self::assertGreaterThan(4, \count($turns));
    }

    public function testASectionThatHasALayoutKeepsItAndItsNeighbourGivesWay(): void
    {
        $kept = self::section('feature')->withLayout('feature.media-end');
        for ($turn = 0; $turn < 12; ++$turn) {
            [$first, $second] = self::chooser()->page([$kept, self::section('story')], 'about', $turn);
            self::assertSame('feature.media-end', $first->layout);
            self::assertNotSame('end', self::chooser()->present($second)->side());
        }
    }

    public function testSiblingPagesAreAlikeAndPagesOfDifferentKindsVary(): void
    {
        $plan = Bench::planned(Bench::text('list.txt'))->plan;
        $bySections = static function (Page ...$pages) use ($plan): array {
            $layouts = [];
            foreach ($pages as $page) {
                foreach ($page->sections() as $section) {
                    if (null === $section->shared) {
                        $layouts[$section->kind][] = $plan->resolve($section)->layout;
                    }
                }
            }

            return $layouts;
        };
        $services = array_values(array_filter($plan->pages, static fn (Page $page): bool => 'service' === $page->kind));
        if (\count($services) > 1) {
            foreach ($bySections(...$services) as $kind => $layouts) {
                self::assertCount(1, array_unique($layouts), $kind);
            }
        }
        $intros = $bySections(...$this->pagesOfDifferentKinds($plan))['page-intro'] ?? [];
        self::assertGreaterThan(1, \count(array_unique($intros)));
    }

    public function testTheReasonsSayWhatDecided(): void
    {
        $chooser = self::chooser();
        $above = self::section('feature')->withLayout('feature.media-end');
        $section = self::section('story')->withLayout('story.media-end');
        $why = implode(' ', (new Why($chooser))->of($section, $above, null));
        self::assertStringContainsString('on the same side', $why);
        $flipped = $section->withLook($section->look->withFlipped(true));
        self::assertStringContainsString('on the other side', implode(' ', (new Why($chooser))->of($flipped, $above, null)));
        self::assertStringContainsString('suits 2 to 4 items', implode(' ', (new Why($chooser))->of(self::section('benefits', 3)->withLayout('benefits.beside-picture'), null, null)));
        self::assertStringContainsString('has no place for the picture', implode(' ', (new Why($chooser))->of(self::section('hero')->withLayout('hero.centred'), null, null)));
    }

    /**
     * @param list<Section> $sections
     *
     * @return list<string>
     */
    private static function ids(array $sections): array
    {
        return array_map(static fn (Section $section): string => $section->layout, $sections);
    }

    /** @return list<Page> */
    private function pagesOfDifferentKinds(Plan $plan): array
    {
        $pages = [];
        foreach ($plan->pages as $page) {
            $pages[$page->kind] ??= $page;
        }

        return array_values($pages);
    }
}

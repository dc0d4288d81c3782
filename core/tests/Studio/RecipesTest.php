<?php

declare(strict_types=1);

namespace DunePocket\Tests\Studio;

use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;
use DunePocket\Plan\Page;
use DunePocket\Plan\Planning\Planner;
use DunePocket\Plan\Section;
use DunePocket\Project\Actions;
use DunePocket\Studio\Defaults;
use DunePocket\Studio\OwnRecipe;
use DunePocket\Studio\OwnSection;
use DunePocket\Studio\Starter;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class RecipesTest extends TestCase
{
    private const BRIEF = "We are Kelda Ropes, a rope maker in Harl. We offer boat ropes and splicing.\nPages: Home, Rope walk, Our story, Contact.";

    private static function defaults(): Defaults
    {
        return new Defaults(
            sections: [new OwnSection('Promise band', 'Says in one line what a customer can hold them to.', 'benefits')],
            starters: [new Starter('Small shop', "Home\nShop\nContact")],
            recipes: [new OwnRecipe('About', ['page-intro', 'timeline', 'Promise band', 'call-to-action']), new OwnRecipe('Rope walk', ['hero', 'gallery', 'nonsense'])],
        );
    }

    /** @return array<string, list<string>> kinds of the sections by title of the page, the frame aside */
    private static function kinds(Defaults $defaults): array
    {
        $kinds = [];
        foreach ((new Planner(Bench::catalogue(), $defaults))->plan(Bench::read(self::BRIEF))->pages as $page) {
            $kinds[$page->title] = array_values(array_diff(array_map(static fn (Section $section): string => $section->kind, $page->sections()), ['site-header', 'site-footer']));
        }

        return $kinds;
    }

    public function testAPageOfThisNameOrKindGetsTheSectionsOfTheRecipe(): void
    {
        $kinds = self::kinds(self::defaults());
        self::assertSame(['page-intro', 'timeline', 'benefits', 'call-to-action'], $kinds['Our story'] ?? null, 'By its kind.');
        self::assertSame(['hero', 'gallery'], $kinds['Rope walk'] ?? null, 'By its name; what is in no catalogue is left out.');
        self::assertSame(self::kinds(new Defaults())['Contact'], $kinds['Contact'], 'Other pages are planned as ever.');
    }

    public function testAnOwnSectionBringsItsNameAndItsPurpose(): void
    {
        $plan = (new Planner(Bench::catalogue(), self::defaults()))->plan(Bench::read(self::BRIEF));
        $story = array_values(array_filter($plan->pages, static fn (Page $page): bool => 'about' === $page->kind))[0] ?? null;
        $own = array_values(array_filter($story?->sections() ?? [], static fn (Section $section): bool => 'benefits' === $section->kind))[0] ?? null;
        self::assertSame(['Promise band', 'Says in one line what a customer can hold them to.'], [$own?->title, $own?->purpose]);
        self::assertStringStartsWith('benefits.', (string) $own?->layout);
    }

    public function testAPageAddedLaterFollowsTheRecipeToo(): void
    {
        $project = Bench::planned('We mend clocks.');
        $change = (new Actions(Bench::catalogue()))->with(self::defaults())->change(new Node(['type' => 'add-page', 'title' => 'Rope walk', 'parent' => null]), $project);
        $pages = $change->apply($project)->plan->pages;
        $added = array_values(array_filter($pages, static fn (Page $page): bool => 'Rope walk' === $page->title))[0] ?? null;
        self::assertSame(['hero', 'gallery'], array_values(array_diff(array_map(static fn (Section $section): string => $section->kind, $added?->sections() ?? []), ['site-header', 'site-footer'])));
    }

    public function testTheyComeBackFromTheirJsonAndBrokenOnesAreRefused(): void
    {
        self::assertEquals(self::defaults(), Defaults::fromNode(new Node(self::defaults()->toArray())));
        $this->expectException(InvalidData::class);
        Defaults::fromNode(new Node(['recipes' => [['page' => 'About', 'sections' => []]]]));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Plan;

use DunePocket\Data\Node;
use DunePocket\Plan\Page;
use DunePocket\Project\Actions;
use DunePocket\Project\Project;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A page that is added without a place stands where a usual menu would have it (common practice). */
final class PagePlaceTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> the title of the new page, the page right before it, and its parent ('' for none) */
    public static function places(): iterable
    {
        yield 'prices behind what is offered' => ['Prices', 'Therapies', ''];
        yield 'questions behind the people' => ['FAQ', 'About us', ''];
        yield 'legal pages last' => ['Accessibility', 'Privacy', ''];
        yield 'an article below its list' => ['Blog post', 'Blog', 'Blog'];
    }

    #[DataProvider('places')]
    public function testAnAddedPageStandsWhereItBelongs(string $title, string $behind, string $parent): void
    {
        $project = $this->project();
        $after = (new Actions(Bench::catalogue()))->change(new Node(['type' => 'add-page', 'title' => $title]), $project)->apply($project)->plan;
        $titles = array_map(static fn (Page $page): string => $page->title, $after->pages);
        $at = (int) array_search($title, $titles, true);
        self::assertSame($behind, $titles[$at - 1], implode(', ', $titles));
        self::assertSame($parent, $after->findPage($after->pages[$at]->parent)->title ?? '');
    }

    public function testAPlaceThatIsGivenIsKept(): void
    {
        $project = $this->project();
        $after = (new Actions(Bench::catalogue()))->change(new Node(['type' => 'add-page', 'title' => 'Prices', 'index' => 1]), $project)->apply($project)->plan;
        self::assertSame('Prices', $after->pages[1]->title);
    }

    private function project(): Project
    {
        $project = Bench::planned('We are Fernbank Osteopaths, two osteopaths in Ludlow. Pages: Home, Therapies, Blog, About us, Contact.');
        $posts = array_values(array_filter($project->plan->pages, static fn (Page $page): bool => 'article' === $page->kind));

        return [] === $posts ? $project : (new Actions(Bench::catalogue()))->change(new Node(['type' => 'remove-page', 'page' => $posts[0]->id]), $project)->apply($project);
    }
}

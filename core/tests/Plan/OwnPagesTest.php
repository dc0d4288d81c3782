<?php

declare(strict_types=1);

namespace DunePocket\Tests\Plan;

use DunePocket\Plan\Navigation;
use DunePocket\Plan\Page;
use DunePocket\Plan\Section;
use DunePocket\Project\Project;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Pages a client names, things a client refuses, and what follows for the sections. The expectations are common practice. */
final class OwnPagesTest extends TestCase
{
    private static function page(Project $project, string $title): Page
    {
        foreach ($project->plan->pages as $page) {
            if ($page->title === $title) {
                return $page;
            }
        }

        self::fail("No page is called $title.");
    }

    /** @return list<string> */
    private static function kinds(Project $project, string $title): array
    {
        return array_map(static fn (Section $section): string => $section->kind, self::page($project, $title)->sections());
    }

    /** @return iterable<string, array{string, string}> */
    public static function names(): iterable
    {
        yield 'a way of working' => ['How we work', 'steps'];
        yield 'a place' => ['Barn', 'gallery'];
        yield 'terms to read' => ['Club rules', 'download'];
        yield 'a group of visitors' => ['For landlords', 'services-list'];
        yield 'something to hear' => ['Listen', 'video'];
        yield 'a way in' => ['Waiting list', 'contact-form'];
        yield 'a reason to trust' => ['References', 'awards'];
    }

    #[DataProvider('names')]
    public function testANamePromisesWhatThePageShows(string $title, string $section): void
    {
        $project = Bench::planned("We are Kelda Ropes, a plumber in Harl. We offer boilers, drains and taps.\nPages:\n- Home\n- Services\n- $title\n- About\n- Contact");
        self::assertContains($section, self::kinds($project, $title));
        self::assertNotSame('Carries what fits no other page.', self::page($project, $title)->purpose);
    }

    public function testWhatWasRefusedIsNoSectionEither(): void
    {
        $project = Bench::planned("We are Kelda Ropes, a plumber in Harl. We offer boilers, drains and taps. No testimonials please. We don't want an FAQ.\nPages: Home, Services, About, Contact.");
        foreach ($project->plan->pages as $page) {
            self::assertSame([], array_values(array_intersect(['testimonials', 'faq'], self::kinds($project, $page->title))), $page->title);
        }
    }

    public function testARefusedPageMayStillBeASection(): void
    {
        $project = Bench::planned("We are Kelda Ropes, a plumber in Harl. We offer boilers, drains and taps. I don't need a separate FAQ page, a few questions elsewhere will do.");
        self::assertSame([], array_filter($project->plan->pages, static fn (Page $page): bool => 'faq' === $page->kind));
        self::assertContains('faq', self::kinds($project, 'Services'));
    }

    public function testWithoutAContactFormThereIsStillAContactPage(): void
    {
        $project = Bench::planned('We are Kelda Ropes, a plumber in Harl. We offer boilers, drains and taps. No contact form, people should just ring. Our number is 01765 555 0134.');
        self::assertNotContains('contact-form', self::kinds($project, 'Contact'));
    }

    public function testProductsWithoutAShopAreShownAndNotSold(): void
    {
        $project = Bench::planned("Brankley Belts makes conveyor belts. We manufacture belt conveyors, roller conveyors and chain conveyors. No online shop.\nPages:\n- Home\n- Products\n- About us\n- Contact");
        self::assertContains('services-list', self::kinds($project, 'Products'));
        self::assertNotContains('product-grid', self::kinds($project, 'Products'));
        self::assertSame([], array_values(array_filter($project->plan->pages, static fn (Page $page): bool => \in_array($page->kind, ['cart', 'checkout', 'product'], true))));
    }

    public function testThePageOfTheGoalStandsInTheMenu(): void
    {
        $project = Bench::planned("Tarn Locums is a staffing agency. The goal is to get more people to apply for jobs. We place nurses, carers and pharmacists.\nPages:\n- Home\n- Jobs\n- About\n- Contact");
        self::assertSame(Navigation::Main, self::page($project, 'Jobs')->navigation);
    }

    public function testAListAndThePageBehindItStandBesideEachOther(): void
    {
        $project = Bench::planned("The Harl Band is a brass band. We play concerts, weddings and fetes.\nPages:\n- Home\n- Events\n- Join\n- Contact");
        self::assertSame(self::page($project, 'Events')->id, self::page($project, 'Event')->parent);
        self::assertTrue(self::page($project, 'Event')->repeats);
    }
}

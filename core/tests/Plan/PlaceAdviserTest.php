<?php

declare(strict_types=1);

namespace DunePocket\Tests\Plan;

use DunePocket\Plan\Navigation;
use DunePocket\Plan\Page;
use DunePocket\Plan\Planning\Fit;
use DunePocket\Plan\Planning\PlaceAdviser;
use DunePocket\Plan\Planning\Suit;
use DunePocket\Plan\Section;
use DunePocket\Project\Project;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What suits a place, for a page drawn by hand so that the neighbours are known. The order of reading is common practice. */
final class PlaceAdviserTest extends TestCase
{
    /** @param list<string> $kinds */
    private static function page(string $kind, array $kinds): Page
    {
        $sections = array_map(static fn (string $section, int $i): Section => new Section("p90s$i", $section, $section, '', ''), $kinds, array_keys($kinds));

        return new Page('p90', null, $kind, ucfirst($kind), $kind, Navigation::None, false, '', sections: $sections);
    }

    private static function project(): Project
    {
        return Bench::planned("We are Kelda Ropes, a rope maker in Harl. We offer boat ropes, climbing ropes and splicing repairs. We want a newsletter.\nPages: Home, About, Services, Contact.");
    }

    /**
     * @param list<string> $kinds
     *
     * @return array<string, Suit>
     */
    private static function advice(string $page, array $kinds, int $index): array
    {
        $project = self::project();
        $advice = (new PlaceAdviser(Bench::catalogue()))->advise($project->brief, $project->plan, self::page($page, $kinds), $index);

        return array_combine(array_map(static fn (Suit $suit): string => $suit->kind, $advice), $advice);
    }

    public function testEveryKindButHeaderAndFooterIsOfferedAndThoseThatSuitComeFirst(): void
    {
        $advice = self::advice('service', ['page-intro', 'feature', 'call-to-action'], 2);
        self::assertCount(\count(Bench::catalogue()->sectionKinds()) - 2, $advice);
        self::assertArrayNotHasKey('site-footer', $advice);
        $fits = array_map(static fn (Suit $suit): string => $suit->fit->value, array_values($advice));
        self::assertSame(['place', 'page', 'elsewhere'], array_values(array_unique($fits)));
        self::assertCount(3, array_filter(array_keys($fits), static fn (int $i): bool => 0 === $i || $fits[$i] !== $fits[$i - 1]));
    }

    public function testWhatStandsOnThePageIsNotOfferedFirstAgain(): void
    {
        self::assertSame('Already on this page.', self::advice('service', ['page-intro', 'feature', 'faq'], 2)['feature']->because);
    }

    public function testTheOrderOfReadingDecides(): void
    {
        self::assertSame('Belongs further up the page.', self::advice('service', ['page-intro', 'faq', 'call-to-action'], 2)['feature']->because);
        self::assertSame('Belongs further down the page.', self::advice('service', ['page-intro', 'feature', 'faq'], 1)['newsletter']->because);
    }

    public function testOneOpeningIsEnough(): void
    {
        self::assertSame('The page has its opening.', self::advice('home', ['hero', 'feature'], 1)['page-intro']->because);
        self::assertSame(Fit::Place, self::advice('service', ['feature'], 0)['page-intro']->fit);
    }

    public function testAFormDoesNotStandBesideACall(): void
    {
        $advice = self::advice('service', ['page-intro', 'call-to-action'], 1)['contact-form'];
        self::assertSame(Fit::Page, $advice->fit);
        self::assertSame('Does not stand well beside “Call to action”.', $advice->because);
    }

    public function testWhatTheBriefAsksForSuitsAPageThatHasItSeldom(): void
    {
        self::assertSame('The brief asks for it.', self::advice('about', ['page-intro', 'story'], 2)['newsletter']->because);
    }

    public function testSectionsOfAnotherKindOfPageComeLast(): void
    {
        $advice = self::advice('about', ['page-intro', 'story'], 2);
        self::assertSame(Fit::Elsewhere, $advice['cart']->fit);
        self::assertSame(Fit::Elsewhere, $advice['legal-text']->fit);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Plan;

use DunePocket\Plan\Effort\Estimator;
use DunePocket\Plan\Navigation;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Section;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class EstimatorTest extends TestCase
{
    private static function hours(Plan $plan): float
    {
        return (new Estimator(Bench::catalogue()->effort(), Bench::catalogue()->pageKinds()))->estimate($plan)->hours();
    }

    private static function page(string $id, string $kind, Section ...$sections): Page
    {
        return new Page($id, null, $kind, $id, $id, Navigation::Main, false, '', [], sections: array_values($sections));
    }

    private static function section(string $id, string $kind, ?string $shared = null): Section
    {
        return new Section($id, $kind, $kind, '', "$kind.plain", $shared);
    }

    public function testHoursAreThoseOfPagesSectionsAndTheSiteAsAWhole(): void
    {
        $plan = new Plan([self::page('p1', 'home', self::section('p1s1', 'hero'), self::section('p1s2', 'faq'))]);
        self::assertEqualsWithDelta(2.5 + 1.5 + 0.75 + 6 + 5, self::hours($plan), 0.25, 'To the half hour.');
    }

    public function testAFurtherPageOfAKindTakesLessAndASharedSectionIsMadeOnce(): void
    {
        $one = new Plan([self::page('p1', 'service', self::section('p1s1', 'hero'))]);
        $two = new Plan([...$one->pages, self::page('p2', 'service', self::section('p2s1', 'hero'))]);
        self::assertSame(0.4 * 2.5, self::hours($two) - self::hours($one));
        $shared = [self::section('sh1', 'site-header')];
        $with = new Plan([self::page('p1', 'service', self::section('p1s1', 'site-header', 'sh1')), self::page('p2', 'about', self::section('p2s1', 'site-header', 'sh1'))], $shared);
        $without = new Plan([self::page('p1', 'service'), self::page('p2', 'about')]);
        self::assertSame(3.0, self::hours($with) - self::hours($without));
    }

    public function testNothingPlannedTakesNoTime(): void
    {
        self::assertSame(0.0, self::hours(new Plan()));
    }

    public function testAUsualSiteTakesAUsualNumberOfHours(): void
    {
        $hours = self::hours(Bench::planned(Bench::text('formal.md'))->plan);
        self::assertGreaterThan(30, $hours);
        self::assertLessThan(120, $hours, 'Common practice for a site of about ten pages.');
    }
}

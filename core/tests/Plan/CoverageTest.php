<?php

declare(strict_types=1);

namespace DunePocket\Tests\Plan;

use DunePocket\Brief\FactKind;
use DunePocket\Plan\Coverage;
use DunePocket\Plan\CoverageItem;
use DunePocket\Plan\CoverageMender;
use DunePocket\Plan\Plan;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class CoverageTest extends TestCase
{
    private const BRIEF = 'Ashen Row, hedge layers in Pell since 1990. We offer hedge laying, dry stone walls and gates. We want people to ask for a quote online. Pages: Home, Walls, Prices, Contact. We need a map and reviews. Ring 01632 960 111.';

    public function testThePlannersOwnPlanAnswersWhatTheBriefAsksFor(): void
    {
        $project = Bench::planned(self::BRIEF);
        $items = (new Coverage(Bench::catalogue()))->of($project->plan, $project->brief);
        self::assertNotSame([], $items);
        $unanswered = array_filter($items, static fn (CoverageItem $item): bool => [] === $item->where && \in_array($item->fact->kind, [FactKind::PageRequest, FactKind::Offering, FactKind::Goal], true));
        self::assertSame([], array_map(static fn (CoverageItem $item): string => $item->fact->value, $unanswered));
    }

    public function testWithoutAPlanNothingIsCounted(): void
    {
        self::assertSame([], (new Coverage(Bench::catalogue()))->of(new Plan([], []), Bench::read(self::BRIEF)));
    }

    public function testItCanBeAskedForSomeKindsOnly(): void
    {
        $project = Bench::planned(self::BRIEF);
        $items = (new Coverage(Bench::catalogue()))->of($project->plan, $project->brief, FactKind::PageRequest);
        self::assertSame(['Home', 'Walls', 'Prices', 'Contact'], array_map(static fn (CoverageItem $item): string => $item->fact->value, $items));
    }

    public function testEveryFactHasAPlaceItCouldBeGiven(): void
    {
        $project = Bench::planned(self::BRIEF);
        $mender = new CoverageMender(Bench::catalogue());
        foreach ((new Coverage(Bench::catalogue()))->of($project->plan, $project->brief) as $item) {
            self::assertNotNull($mender->mend($item->fact, $project->plan), $item->fact->kind->value.' '.$item->fact->value);
        }
    }

    public function testWhereAPageIsGoneItsRequestIsUnanswered(): void
    {
        $project = Bench::planned(self::BRIEF);
        $without = $project->plan->withPages(array_values(array_filter($project->plan->pages, static fn ($page): bool => 'Prices' !== $page->title)));
        $items = array_filter((new Coverage(Bench::catalogue()))->of($without, $project->brief, FactKind::PageRequest), static fn (CoverageItem $item): bool => 'Prices' === $item->fact->value);
        self::assertSame([[]], array_map(static fn (CoverageItem $item): array => $item->where, array_values($items)));
    }
}

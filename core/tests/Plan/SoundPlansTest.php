<?php

declare(strict_types=1);

namespace DunePocket\Tests\Plan;

use DunePocket\Brief\Measuring\LabelledBrief;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Inspector;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What the planner draws stands up to the rules over plans, whatever the brief; only what a brief itself lacks is left to say. */
final class SoundPlansTest extends TestCase
{
    /** Rules that speak of the brief: names the client chose, things asked for of which nothing is known, blanks only they can fill. */
    private const OF_THE_BRIEF = ['blanks-only', 'prices-missing', 'map-without-place', 'request-unanswered', 'label-long', 'page-count'];

    /** @return iterable<string, array{string}> */
    public static function briefs(): iterable
    {
        foreach (Bench::labelledBriefs(every: 5) as $file) {
            yield basename($file) => [$file];
        }
    }

    #[DataProvider('briefs')]
    public function testThePlannersOwnPlanHasNothingToMend(string $file): void
    {
        $findings = (new Inspector(Bench::catalogue()))->inspect(Bench::planned(LabelledBrief::fromFile($file)->text));
        $own = array_filter($findings, static fn (Finding $finding): bool => !\in_array($finding->rule, self::OF_THE_BRIEF, true));
        self::assertSame([], array_map(static fn (Finding $finding): string => $finding->text, array_values($own)));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Inspection;

use DunePocket\Brief\Measuring\LabelledBrief;
use DunePocket\Inspection\LayoutInspector;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

/** What is drawn for a brief stands up to the rules over wireframes; a word too long for its place is rare. */
final class SoundLayoutsTest extends TestCase
{
    /** Rules that choosing layouts can always obey. */
    private const NEVER = ['call-below-fold', 'copy-not-shown', 'whole-screen-twice', 'whole-screen-late', 'long-on-the-phone', 'picture-missing', 'picture-without-note', 'dark-too-often', 'uneven-items'];

    /** Findings of the other rules to a hundred pages at most. */
    private const RARE = 5;

    public function testTheWireframesOfTheLabelledBriefsAreSound(): void
    {
        $inspector = new LayoutInspector(Bench::catalogue());
        $pages = 0;
        $never = $rare = [];
        foreach (Bench::labelledBriefs(every: 9) as $file) {
            $project = Bench::planned(LabelledBrief::fromFile($file)->text);
            foreach ($project->plan->pages as $page) {
                ++$pages;
                foreach ($inspector->inspect($project, $inspector->layOut($project, $page)) as $finding) {
                    $said = basename($file).' '.$page->title.': '.$finding->text;
                    \in_array($finding->rule, self::NEVER, true) ? $never[] = $said : $rare[] = $said;
                }
            }
        }
        self::assertGreaterThan(300, $pages);
        self::assertSame([], $never);
        self::assertLessThan($pages * self::RARE / 100, \count($rare), implode("\n", $rare));
    }
}

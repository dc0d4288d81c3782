<?php

declare(strict_types=1);

namespace DunePocket\Tests\Plan;

use DunePocket\Plan\CopyStatus;
use DunePocket\Plan\Planning\Variations;
use DunePocket\Plan\Section;
use DunePocket\Project\Change\InvalidChange;
use DunePocket\Project\Project;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class VariationsTest extends TestCase
{
    private const MOST = 300;

    private static function project(): Project
    {
        return Bench::planned("We are Kelda Ropes, a rope maker in Harl. We offer boat ropes, climbing ropes and splicing repairs. What makes us different is that every rope is spun by hand.\nPages: Home, About, Services, Contact.");
    }

    /**
     * Goes on until the choices are used up.
     *
     * @param array<string, mixed>      $action
     * @param callable(Project): string $mark
     *
     * @return array{list<string>, string} marks of all that were shown, and what was said in the end
     */
    private static function goes(Project $project, array $action, callable $mark): array
    {
        $marks = [$mark($project)];
        for ($i = 0; $i < self::MOST; ++$i) {
            try {
                $project = Bench::after($project, $action);
            } catch (InvalidChange $e) {
                return [$marks, $e->getMessage()];
            }
            $marks[] = $mark($project);
        }

        self::fail('The choices never end.');
    }

    public function testAnotherGoAtASectionNeverShowsTheSameTwiceAndSaysWhenAllWereSeen(): void
    {
        [$marks, $said] = self::goes(self::project(), ['type' => 'another-section', 'section' => 'p1s2'], static fn (Project $project): string => Variations::mark($project->plan->section('p1s2')));
        self::assertGreaterThan(3, \count($marks));
        self::assertSame($marks, array_values(array_unique($marks)));
        self::assertStringContainsString(\sprintf('all %d choices', \count($marks)), $said);
    }

    public function testAnotherGoAtAPageNeverShowsTheSameTwiceAndSaysWhenAllWereSeen(): void
    {
        [$marks, $said] = self::goes(self::project(), ['type' => 'another-page', 'page' => 'p1'], static fn (Project $project): string => Variations::mark(...$project->plan->page('p1')->sections()));
        self::assertGreaterThan(3, \count($marks));
        self::assertSame($marks, array_values(array_unique($marks)));
        self::assertStringContainsString('all', $said);
    }

    public function testTheSamePlanGivesTheSameChoicesInTheSameOrder(): void
    {
        $mark = static fn (Project $project): string => Variations::mark(...$project->plan->page('p2')->sections());
        self::assertSame(self::goes(self::project(), ['type' => 'another-page', 'page' => 'p2'], $mark), self::goes(self::project(), ['type' => 'another-page', 'page' => 'p2'], $mark));
    }

    public function testWhatIsKeptStaysInItsPlace(): void
    {
        $kept = Bench::after(self::project(), ['type' => 'edit-section', 'section' => 'p1s3', 'field' => 'kept', 'value' => 'yes']);
        $before = $kept->plan->section('p1s3');
        for ($i = 0; $i < 4; ++$i) {
            $kept = Bench::after($kept, ['type' => 'another-page', 'page' => 'p1']);
            self::assertEquals($before, $kept->plan->section('p1s3'));
        }
        $this->expectException(InvalidChange::class);
        $this->expectExceptionMessage('kept');
        Bench::after($kept, ['type' => 'another-section', 'section' => 'p1s3']);
    }

    public function testWordsTheDesignerWroteSurviveAnotherGo(): void
    {
        $project = Bench::after(self::project(), ['type' => 'edit-text', 'section' => 'p1s2', 'slot' => 'heading', 'item' => null, 'text' => 'Rope you can trust']);
        for ($i = 0; $i < 3; ++$i) {
            $project = Bench::after($project, ['type' => 'another-section', 'section' => 'p1s2']);
            $line = $project->plan->section('p1s2')->line('heading');
            self::assertSame(['Rope you can trust', CopyStatus::Edited], [$line?->text, $line?->status]);
        }
    }

    public function testHeaderAndFooterStandAroundEveryChoice(): void
    {
        $project = self::project();
        for ($i = 0; $i < 4; ++$i) {
            $project = Bench::after($project, ['type' => 'another-page', 'page' => 'p1']);
            $kinds = array_map(static fn (Section $section): string => $section->kind, $project->plan->page('p1')->sections());
            self::assertSame('site-header', $kinds[0]);
            self::assertSame('site-footer', $kinds[\count($kinds) - 1]);
            self::assertSame('hero', $kinds[1]);
        }
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Revision;

use DunePocket\Project\Actions;
use DunePocket\Project\Project;
use DunePocket\Revision\Comparison;
use DunePocket\Revision\Difference;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ComparisonTest extends TestCase
{
    private static function project(): Project
    {
        static $project = null;
        $project ??= Bench::planned(Bench::text('formal.md'));
        \assert($project instanceof Project);

        return $project;
    }

    /** @param array<string, mixed> ...$actions */
    private static function after(array ...$actions): Project
    {
        return Bench::after(self::project(), ...$actions);
    }

    /** @return list<string> */
    private static function said(Project $before, Project $after): array
    {
        return array_map(static fn (Difference $difference): string => $difference->text, Comparison::of($before->plan, $after->plan));
    }

    public function testAPlanComparedWithItselfDiffersInNothing(): void
    {
        self::assertSame([], self::said(self::project(), self::project()));
        self::assertSame(0, Comparison::steps(self::project()->plan, self::project()->plan));
    }

    /** @return iterable<string, array{list<array<string, mixed>>, string, int}> actions, what is said, steps */
    public static function edits(): iterable
    {
        yield 'page added' => [[['type' => 'add-page', 'title' => 'Our building', 'parent' => null, 'kind' => 'page']], '/The page “Our building” was added, at \/our-building\./', 0];
        yield 'page renamed' => [[['type' => 'edit-page', 'page' => 'p2', 'field' => 'title', 'value' => 'Our work']], '/The page “.+” is called “Our work” now\./', 0];
        yield 'page in the footer' => [[['type' => 'edit-page', 'page' => 'p2', 'field' => 'navigation', 'value' => 'footer']], '/is in the footer now\./', 0];
        yield 'section removed' => [[['type' => 'remove-section', 'section' => 'p1s3']], '/“.+” was removed from “Home”\./', 1];
        yield 'section moved along' => [[['type' => 'move-section', 'section' => 'p1s2', 'page' => 'p1', 'index' => 4]], '/stands elsewhere on “Home”\./', 2];
        yield 'section moved to another page' => [[['type' => 'move-section', 'section' => 'p1s3', 'page' => 'p2', 'index' => 1]], '/moved from “Home” to/', 2];
        yield 'section renamed' => [[['type' => 'edit-section', 'section' => 'p1s2', 'field' => 'title', 'value' => 'First sight']], '/is called “First sight” now/', 0];
        yield 'words' => [[['type' => 'edit-text', 'section' => 'p1s2', 'slot' => 'heading', 'item' => null, 'text' => 'Everyone welcome']], '/says “Everyone welcome” instead of “/', 0];
        yield 'shared words' => [[['type' => 'edit-section', 'section' => 'sh2', 'field' => 'title', 'value' => 'Give today']], '/on all pages that share it is called “Give today” now/', 0];
        yield 'kept' => [[['type' => 'edit-section', 'section' => 'p1s2', 'field' => 'kept', 'value' => 'yes']], '/is kept now/', 0];
        yield 'shared' => [[['type' => 'make-shared', 'section' => 'p1s3']], '/on “Home” is shared now/', 0];
    }

    /** @param list<array<string, mixed>> $actions */
    #[DataProvider('edits')]
    public function testEachEditIsSaidInOneSentence(array $actions, string $pattern, int $steps): void
    {
        $after = self::after(...$actions);
        $said = self::said(self::project(), $after);
        self::assertCount(1, $said, implode("\n", $said));
        self::assertMatchesRegularExpression($pattern, $said[0]);
        if ($steps > 0) {
            self::assertSame($steps, Comparison::steps(self::project()->plan, $after->plan));
        }
        self::assertNotSame([], self::said($after, self::project()), 'The way back differs too.');
    }

    public function testTheFewestSectionsAreSaidToHaveMoved(): void
    {
        $after = self::after(['type' => 'move-section', 'section' => 'p1s2', 'page' => 'p1', 'index' => 5]);
        self::assertCount(1, self::said(self::project(), $after), 'One moved past four others, not four past one.');
    }
}

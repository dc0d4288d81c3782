<?php

declare(strict_types=1);

namespace DunePocket\Tests\Copy;

use DunePocket\Brief\FactKind;
use DunePocket\Copy\LinePicker;
use DunePocket\Copy\SearchLimits;
use DunePocket\Copy\Vocabulary;
use DunePocket\Language\Typography;
use DunePocket\Plan\CopyLine;
use DunePocket\Plan\CopyRole;
use DunePocket\Plan\CopyStatus;
use DunePocket\Project\Project;
use DunePocket\Tests\Plan\PlannerTest;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

final class HonestCopyTest extends TestCase
{
    /** @return list<CopyLine> what is drafted, requests aside */
    private static function drafted(Project $project): array
    {
        $lines = [];
        foreach ($project->plan->pages as $page) {
            foreach ($page->sections() as $section) {
                array_push($lines, ...$project->plan->resolve($section)->copy);
            }
        }

        return array_values(array_filter($lines, static fn (CopyLine $line): bool => CopyStatus::ToSupply !== $line->status));
    }

    #[DataProviderExternal(PlannerTest::class, 'briefs')]
    public function testNoNumberStandsInTheCopyThatIsNotInTheBrief(string $text): void
    {
        foreach (self::drafted(Bench::planned($text)) as $line) {
            preg_match_all('/\d+/', $line->text, $numbers);
            foreach ($numbers[0] as $number) {
                if ('number' !== $line->slot) {
                    self::assertStringContainsString($number, $text, $line->text);
                }
            }
        }
        self::addToAssertionCount(1);
    }

    #[DataProviderExternal(PlannerTest::class, 'briefs')]
    public function testQuotationsAreAskedForNeverMadeUp(string $text): void
    {
        foreach (self::drafted(Bench::planned($text)) as $line) {
            self::assertNotSame(CopyRole::Quote, $line->role, $line->text);
        }
    }

    #[DataProviderExternal(PlannerTest::class, 'briefs')]
    public function testAvoidedWordsAreAbsent(string $text): void
    {
        $project = Bench::planned("Please never say “welcome” or “happy”.\n\n".$text);
        self::assertContains('welcome', Bench::values($project->brief, FactKind::AvoidWord));
        foreach (self::drafted($project) as $line) {
            self::assertFalse(LinePicker::holds($line->text, 'welcome'), $line->text);
        }
    }

    #[DataProviderExternal(PlannerTest::class, 'briefs')]
    public function testEveryPageHasASearchEntryThatFits(string $text): void
    {
        foreach (Bench::planned($text)->plan->pages as $page) {
            self::assertLessThanOrEqual(SearchLimits::TITLE, mb_strlen($page->search->title));
            self::assertLessThanOrEqual(SearchLimits::DESCRIPTION, mb_strlen($page->search->description));
            self::assertNotSame('', $page->search->description);
        }
    }

    public function testTheToneAskedForChangesTheWords(): void
    {
        $heading = static fn (string $tone): string => Bench::planned("Crumb is a bakery in Pell. We bake bread and buns. The tone should be $tone.")->plan->pages[0]->sections()[1]->line('heading')->text ?? '';
        self::assertSame('Welcome to Crumb', $heading('warm and friendly'));
        self::assertSame('Bread and buns in Pell', $heading('plain'));
    }

    public function testAWordingIsUsableOnlyWhenAllItsWordsAreKnown(): void
    {
        $words = new Vocabulary(['name' => 'Crumb']);
        self::assertSame('Crumb bakes.', $words->fill('{name} bakes.'));
        self::assertNull($words->fill('{name} in {place}'));
    }

    public function testSmallMattersOfWriting(): void
    {
        self::assertSame('bread, buns and cakes', Typography::list(['bread', 'buns', 'cakes']));
        self::assertSame('LOLER inspections', Typography::low('LOLER inspections'));
        self::assertSame('English classes', Typography::low('English classes'));
        self::assertSame('Night Mail', Typography::low('Night Mail'));
        self::assertSame('roof repairs in Hexley', Typography::low('Roof repairs in Hexley'));
        self::assertSame('an architecture practice', Typography::withArticle('architecture practice'));
        self::assertSame('Ready?', Typography::sentence('ready?.'));
    }

    public function testTwoButtonsSideBySideNeverSayTheSame(): void
    {
        $plan = Bench::planned('Bog & Bell is a nursery for carnivorous plants. We grow flytraps, sundews and pitcher plants and want to sell them online. Must have: online shop.')->plan;
        $pairs = 0;
        foreach ($plan->pages as $page) {
            foreach ($page->sections() as $section) {
                $shown = $plan->resolve($section);
                $second = $shown->line('button-2');
                if (null !== $second) {
                    ++$pairs;
                    self::assertNotSame(mb_strtolower($shown->line('button')->text ?? ''), mb_strtolower($second->text), "$page->title, $shown->title");
                }
            }
        }
        self::assertGreaterThan(0, $pairs);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Merging\Effect;
use DunePocket\Brief\Merging\Proposal;
use DunePocket\Brief\Merging\SourceMerger;
use DunePocket\Brief\Source;
use DunePocket\Brief\SourceKind;
use DunePocket\Data\Node;
use DunePocket\Project\Actions;
use DunePocket\Project\Project;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class SourceMergerTest extends TestCase
{
    private const FIRST = 'Marsh Boats is a boatyard in Pell. We offer repairs and storage. Six pages: home, repairs, contact. No blog please. The tone is plain.';
    private const SECOND = 'One more thing. We do want a blog after all. Eight pages, then. We also run sailing courses. We offer repairs.';

    private static function second(): Source
    {
        return new Source('s2', 'Second e-mail', SourceKind::Text, self::SECOND);
    }

    /** @return array<string, Proposal> by kind and value */
    private static function proposals(Brief $brief): array
    {
        $proposals = [];
        foreach ((new SourceMerger(Bench::catalogue()))->propose($brief, self::second()) as $proposal) {
            $proposals[$proposal->fact->kind->value.': '.$proposal->fact->value] = $proposal;
        }

        return $proposals;
    }

    public function testWhatIsNewChangedAndContradictedIsTold(): void
    {
        $proposals = self::proposals(Bench::read(self::FIRST));
        self::assertSame(Effect::Adds, $proposals['offering: Sailing courses']->effect);
        self::assertSame(Effect::Changes, $proposals['page_count: 8']->effect);
        self::assertSame(['6'], array_map(static fn (Fact $fact): string => $fact->value, $proposals['page_count: 8']->instead));
        self::assertSame(Effect::Contradicts, $proposals['feature: blog']->effect);
        self::assertSame('The client said this later; accepted, it wins.', $proposals['feature: blog']->rule);
        self::assertArrayNotHasKey('offering: Repairs', $proposals, 'Known already.');
    }

    public function testWhatTheDesignerEnteredIsNeverCalledWrongInSilence(): void
    {
        $brief = Bench::read(self::FIRST);
        $facts = array_map(static fn (Fact $fact): Fact => FactKind::PageCount === $fact->kind ? $fact->corrected('5') : $fact, $brief->facts);
        self::assertStringContainsString('You entered the other yourself', (string) self::proposals($brief->withFacts($facts))['page_count: 8']->rule);
    }

    public function testWhatWasStruckOutDoesNotComeBack(): void
    {
        $brief = Bench::read(self::FIRST.' We also run sailing courses.');
        $courses = array_values(array_filter($brief->facts, static fn (Fact $fact): bool => 'Sailing courses' === $fact->value));
        $brief = $brief->withFacts(array_values(array_filter($brief->facts, static fn (Fact $fact): bool => 'Sailing courses' !== $fact->value)))->withStruck($courses);
        self::assertArrayNotHasKey('offering: Sailing courses', self::proposals($brief));
    }

    public function testOnlyWhatIsAcceptedChangesAnythingAndOneUndoTakesItBack(): void
    {
        $before = new Project('Marsh Boats', Bench::read(self::FIRST));
        $accepted = self::proposals($before->brief)['page_count: 8']->id();
        $change = (new Actions(Bench::catalogue()))->change(new Node(['type' => 'add-source', 'title' => 'Second e-mail', 'kind' => 'text', 'text' => self::SECOND, 'accept' => [$accepted]]), $before);
        $after = $change->apply($before);
        self::assertCount(2, $after->brief->sources);
        self::assertSame(['8'], Bench::values($after->brief, FactKind::PageCount));
        self::assertSame(['6'], array_map(static fn (Fact $fact): string => $fact->value, $after->brief->struck));
        self::assertNotContains('Sailing courses', Bench::values($after->brief, FactKind::Offering));
        self::assertEquals($before, $change->invert($before)->apply($after));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Inspection;

use DunePocket\Data\Node;
use DunePocket\Inspection\LayoutInspector;
use DunePocket\Plan\CopyLine;
use DunePocket\Plan\CopyRole;
use DunePocket\Plan\CopyStatus;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Look;
use DunePocket\Plan\Page;
use DunePocket\Plan\Section;
use DunePocket\Project\Actions;
use DunePocket\Project\Project;
use DunePocket\Tests\Support\Bench;
use DunePocket\Wireframe\Fit\FitReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every rule over wireframes: a page is laid out badly in one way, the finding appears, and its action mends it. */
final class LayoutInspectorTest extends TestCase
{
    /** @return iterable<string, array{string, list<Section>}> the rule, and the sections of a page that breaks it */
    public static function pages(): iterable
    {
        $long = str_repeat('Rather more words than anybody would read in this place. ', 16);
        yield 'a heading of many lines' => ['text-overflows', [self::section('hero.media-end', ['heading' => $long])]];
        yield 'a button of many words' => ['text-overflows', [self::section('hero.media-end', ['button' => 'Ask us for everything you have always wanted to know about ropes and more'])]];
        yield 'nothing to do on the first screen' => ['call-below-fold', [self::section('hero.offset', ['heading' => str_repeat('Words and words ', 14)])]];
        yield 'a hidden button' => ['call-below-fold', [self::section('hero.media-end', look: new Look(hidden: ['button', 'button-2']))]];
        yield 'prices that are not shown' => ['copy-not-shown', [self::section('price-list.rows', [], 3, extra: [new CopyLine('quote', CopyRole::Quote, 'A quotation.', 0)])->withLayout('price-list.rows')]];
        yield 'too many items' => ['too-many-items', [self::section('benefits.beside-picture', [], 9)]];
        yield 'too few items' => ['too-few-items', [self::section('gallery.turns', [], 2)]];
        yield 'built alike' => ['same-layout', [self::section('feature-grid.threes', [], 3), self::section('benefits.columns', [], 3)]];
        yield 'on one ground' => ['same-ground', [self::section('feature.points'), self::section('steps.framed', [], 3)]];
        yield 'heavy three times' => ['heavy-in-a-row', [self::section('hero.media-end'), self::section('feature.media-wide'), self::section('gallery.grid', [], 6)]];
        yield 'uneven texts' => ['uneven-items', [self::uneven()]];
        yield 'an item alone' => ['item-alone', [self::section('services-list.cards', [], 4)]];
        yield 'two whole screens' => ['whole-screen-twice', [self::section('hero.whole-screen'), self::section('feature.media-end', look: new Look(full: true))]];
        yield 'a late whole screen' => ['whole-screen-late', [self::section('page-intro.plain'), self::section('feature.media-end', look: new Look(full: true))]];
        yield 'a late whole screen by its layout' => ['whole-screen-late', [self::section('page-intro.plain'), self::section('hero.whole-screen')]];
        yield 'long on the phone' => ['long-on-the-phone', [self::section('services-list.twos', ['item-text' => $long], 12)]];
        yield 'a picture of nothing' => ['picture-without-note', [self::section('feature.media-end', ['picture' => 'a picture'])]];
        yield 'no picture' => ['picture-missing', [self::section('feature.media-end', look: new Look(hidden: ['picture']))]];
        yield 'long and centred' => ['long-centred-text', [self::section('feature.statement', ['text' => $long])]];
        yield 'dark three times' => ['dark-too-often', [self::section('hero.dark'), self::section('benefits.dark', [], 3), self::section('feature.dark')]];
    }

    /** @param list<Section> $sections */
    #[DataProvider('pages')]
    public function testABadLayoutIsFoundAndItsActionMendsIt(string $rule, array $sections): void
    {
        $project = self::project($sections);
        $findings = self::found($project, $rule);
        self::assertNotSame([], $findings);
        $finding = $findings[0];
        self::assertSame('p1', $finding->where[0]);
        self::assertStringEndsWith('.', $finding->text);
        self::assertStringEndsWith('.', $finding->why);
        if (null !== $finding->mend) {
            $mended = (new Actions(Bench::catalogue()))->change(new Node($finding->mend->action), $project)->apply($project);
            self::assertLessThan(\count($findings), \count(self::found($mended, $rule)), $finding->mend->label);
        }
    }

    public function testMostRulesCanMend(): void
    {
        $rules = $mending = [];
        foreach (self::pages() as [$rule, $sections]) {
            $rules[$rule] = true;
            foreach (self::found(self::project($sections), $rule) as $finding) {
                $mending += null === $finding->mend ? [] : [$rule => true];
            }
        }
        self::assertGreaterThanOrEqual(15, \count($rules));
        self::assertGreaterThanOrEqual(12, \count($mending));
    }

    public function testWordsCountWhereTheyAreSaidAndTextsFitOrDoNot(): void
    {
        $inspector = new LayoutInspector(Bench::catalogue());
        $section = static fn (string $heading, string $text): Project => self::project([new Section('p1s1', 'text', 'T', 'T.', 'text.plain', copy: [
            new CopyLine('heading', CopyRole::Heading, $heading),
            new CopyLine('text', CopyRole::Body, $text, null, str_starts_with($text, 'Needed') ? CopyStatus::ToSupply : CopyStatus::Drafted),
        ])]);
        $of = static fn (Project $project) => $inspector->layOut($project, $project->plan->pages[0]);
        $needed = $of($section('Crème brûlée, 3 o’clock', 'Needed: what it is'));

        self::assertSame(4, $needed->words());
        self::assertSame(100, $needed->fits(new FitReader(Bench::catalogue())));
        self::assertSame(5, $of($section('Crème brûlée, 3 o’clock', 'Well-made'))->words());
        self::assertSame(50, $of($section(str_repeat('Wrought iron gates ', 30), 'Short.'))->fits(new FitReader(Bench::catalogue())));
    }

    /** @return list<Finding> */
    private static function found(Project $project, string $rule): array
    {
        $inspector = new LayoutInspector(Bench::catalogue());
        $findings = $inspector->inspect($project, $inspector->layOut($project, $project->plan->pages[0]));

        return array_values(array_filter($findings, static fn (Finding $finding): bool => $finding->rule === $rule));
    }

    /** @param list<Section> $sections */
    private static function project(array $sections): Project
    {
        $project = Bench::planned('We are Kelda Ropes, a rope maker in Harl. Pages: Home, Contact.');
        $page = $project->plan->pages[0];
        $numbered = array_map(static fn (Section $section, int $at): Section => $section->withId('p1s'.($at + 20)), $sections, array_keys($sections));

        return $project->withPlan($project->plan->withPage($page->withSections($numbered)));
    }

    /**
     * @param array<string, string> $texts by slot, in place of the usual ones
     * @param list<CopyLine>        $extra
     */
    private static function section(string $layout, array $texts = [], int $items = 0, array $extra = [], ?Look $look = null): Section
    {
        $kind = Bench::catalogue()->sectionKind(explode('.', $layout)[0]);
        $shown = Bench::catalogue()->layout($layout)->tree->slots();
        $copy = [];
        foreach (array_intersect_key($kind->slots, array_flip($shown)) as $slot => $role) {
            $copy[] = new CopyLine($slot, CopyRole::from($role), $texts[$slot] ?? 'A few words');
        }
        for ($item = 0; $item < $items; ++$item) {
            foreach (array_intersect_key($kind->items, array_flip($shown)) as $slot => $role) {
                $copy[] = new CopyLine($slot, CopyRole::from($role), $texts[$slot] ?? "Item $item", $item);
            }
        }

        return new Section('p1s2', $kind->id, 'Test of '.$layout, 'Tests.', $layout, copy: [...$copy, ...$extra], look: $look ?? new Look());
    }

    private static function uneven(): Section
    {
        $section = self::section('feature-grid.threes', [], 3);

        return $section->withLine(new CopyLine('item-text', CopyRole::Body, str_repeat('Many words more than the others have. ', 6), 1));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Studio;

use DunePocket\Brief\Assessment\Assessor;
use DunePocket\Brief\FactKind;
use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;
use DunePocket\Plan\Page;
use DunePocket\Project\ProjectMaker;
use DunePocket\Studio\Defaults;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class DefaultsTest extends TestCase
{
    public function testTheirPagesAreInEveryPlanAndTheirWordsInNoDraft(): void
    {
        $defaults = new Defaults(['Accessibility', 'Thanks to'], ['solutions']);
        $brief = $defaults->appliedTo(Bench::read('We are Kelda Ropes, a rope maker in Harl. We offer boat ropes and splicing.'), Bench::catalogue()->pageKinds());
        self::assertSame(['Accessibility', 'Thanks to'], Bench::values($brief, FactKind::PageRequest));
        self::assertSame(['solutions'], Bench::values($brief, FactKind::AvoidWord));
        $maker = new ProjectMaker(Bench::catalogue());
        $project = $maker->plan($maker->read('x', 'x')->withBrief($brief));
        $titles = array_map(static fn (Page $page): string => $page->title, $project->plan->pages);
        self::assertContains('Thanks to', $titles);
        self::assertContains('Contact', $titles, 'What the client lists is complete; what the designer always adds is not.');
    }

    public function testAClientWhoNamesOrRefusesAPageIsHeard(): void
    {
        $defaults = new Defaults(['FAQ', 'Gallery']);
        $brief = $defaults->appliedTo(Bench::read("We are Kelda Ropes.\nPages: Home, Questions and answers\nNo gallery, please."), Bench::catalogue()->pageKinds());
        self::assertSame(['Home', 'Questions and answers'], Bench::values($brief, FactKind::PageRequest));
    }

    public function testDefaultsAnswerNoQuestionAboutTheClient(): void
    {
        $bare = Bench::read('We mend clocks.');
        $with = (new Defaults(['Accessibility', 'Privacy', 'Cookies', 'Terms'], ['solutions']))->appliedTo($bare, Bench::catalogue()->pageKinds());
        $assessor = new Assessor(Bench::catalogue());
        self::assertEquals($assessor->score($bare), $assessor->score($with));
    }

    public function testTheyComeBackFromTheirJson(): void
    {
        $node = new Node(['pages' => [' Accessibility ', 'Accessibility', ''], 'avoid' => ['leverage'], 'rate' => ['hourly' => 55, 'currency' => 'eur'], 'signature' => "Mair\nDesigner", 'questions' => [['text' => 'Who writes the news?', 'hint' => ''], ['text' => 'Who writes the news?']]]);
        $defaults = Defaults::fromNode($node);
        self::assertSame(['Accessibility'], $defaults->pages);
        self::assertSame([55.0, 'EUR'], [$defaults->rate->hourly, $defaults->rate->currency]);
        self::assertCount(1, $defaults->questions, 'The same question is kept once.');
        self::assertEquals($defaults, Defaults::fromNode(new Node($defaults->toArray())));
        self::assertEquals(new Defaults(), Defaults::fromNode(new Node([])));
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function broken(): iterable
    {
        yield 'a page name like a paragraph' => [['pages' => [str_repeat('a', 61)]]];
        yield 'a hundred words' => [['avoid' => array_map(static fn (int $n): string => "word$n", range(1, 100))]];
        yield 'a rate below nothing' => [['rate' => ['hourly' => -1]]];
        yield 'no currency' => [['rate' => ['hourly' => 10, 'currency' => 'pounds']]];
        yield 'a question without words' => [['questions' => [['text' => ' ']]]];
        yield 'a signature like a letter' => [['signature' => str_repeat('a', 601)]];
    }

    /** @param array<string, mixed> $broken */
    #[DataProvider('broken')]
    public function testWhatIsTooLongOrBrokenIsRefused(array $broken): void
    {
        $this->expectException(InvalidData::class);
        Defaults::fromNode(new Node($broken));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief;

use DunePocket\Brief\AnswerReader;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Project\Change\InvalidChange;
use DunePocket\Project\ProjectMaker;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class QuestionsTest extends TestCase
{
    public function testWhatTheClientIsAskedIsUnderstoodWhenItComesBack(): void
    {
        $cues = Bench::catalogue()->cues();
        foreach (Bench::catalogue()->questions() as $question) {
            if (!\in_array($question->kind, [FactKind::Price, FactKind::ContactAddress], true)) {
                self::assertSame($question->kind->value, $cues->topic(rtrim($question->ask, '?')), $question->ask);
            }
        }
    }

    /** @return iterable<string, array{FactKind, string, list<string>}> */
    public static function answers(): iterable
    {
        yield 'several in one line' => [FactKind::Offering, 'rowing lessons, picnics and £20 tours', ['Rowing lessons', 'Picnics', 'Tours']];
        yield 'one to a line' => [FactKind::Offering, "rowing lessons\npicnics", ['Rowing lessons', 'Picnics']];
        yield 'pages' => [FactKind::PageRequest, 'home, prices, contact', ['Home', 'Prices', 'Contact']];
        yield 'a tone in other words' => [FactKind::Tone, 'friendly, not silly', ['warm']];
        yield 'a number in words' => [FactKind::PageCount, 'six at most', ['1-6']];
        yield 'a goal in other words' => [FactKind::Goal, 'people should ring us', ['leads']];
        yield 'nothing of the kind' => [FactKind::PageCount, 'no idea', []];
    }

    /** @param list<string> $expected */
    #[DataProvider('answers')]
    public function testAShortAnswerIsUnderstoodByItsQuestion(FactKind $kind, string $answer, array $expected): void
    {
        $facts = AnswerReader::for(Bench::catalogue())->facts($kind, $answer, 7);
        self::assertSame($expected, array_map(static fn (Fact $fact): string => $fact->value, $facts));
        foreach ($facts as $i => $fact) {
            self::assertSame('f'.(7 + $i), $fact->id);
            self::assertSame(Origin::Entered, $fact->origin);
        }
    }

    public function testAnAnswerThatSaysNothingLeavesTheQuestionOpen(): void
    {
        $project = (new ProjectMaker(Bench::catalogue()))->read('We are Kelda Ropes and make ropes.', 'Brief');
        $this->expectException(InvalidChange::class);
        $this->expectExceptionMessage('the question stays open');
        Bench::after($project, ['type' => 'answer-question', 'kind' => 'proof', 'value' => 'Not sure, nothing written down.']);
    }
}

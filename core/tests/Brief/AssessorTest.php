<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief;

use DunePocket\Brief\Assessment\Assessor;
use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class AssessorTest extends TestCase
{
    public function testThePointsOfAllQuestionsMakeAHundred(): void
    {
        self::assertSame(100, array_sum(array_map(static fn ($question): int => $question->points, Bench::catalogue()->questions())));
    }

    public function testAnEmptyBriefScoresNothingAndAsksEverything(): void
    {
        $assessor = new Assessor(Bench::catalogue());
        self::assertSame(0, $assessor->score(new Brief())->total);
        self::assertCount(\count(array_filter(Bench::catalogue()->questions(), static fn ($question): bool => !$question->visited)), $assessor->questions(new Brief()));
    }

    public function testTheScoreIsWhatTheOpenQuestionsLeave(): void
    {
        $assessor = new Assessor(Bench::catalogue());
        $brief = Bench::read(Bench::text('chatty-email.txt'));
        $open = array_sum(array_map(static fn ($question): int => $question->points, $assessor->questions($brief)));
        self::assertSame(100 - $open, $assessor->score($brief)->total);
    }

    public function testQuestionsComeMostValuableFirst(): void
    {
        $points = array_map(static fn ($question): int => $question->points, (new Assessor(Bench::catalogue()))->questions(new Brief()));
        $sorted = $points;
        rsort($sorted);
        self::assertSame($sorted, $points);
    }

    public function testLengthAloneDoesNotRaiseTheScore(): void
    {
        $assessor = new Assessor(Bench::catalogue());
        $text = Bench::text('note.txt');
        $filler = str_repeat(' It was a wet afternoon and the bus was late again.', 200);
        self::assertSame($assessor->score(Bench::read($text))->total, $assessor->score(Bench::read($text."\n\n".$filler))->total);
    }

    public function testAGuessCountsHalf(): void
    {
        $assessor = new Assessor(Bench::catalogue());
        $sure = new Brief(facts: [new Fact('f1', FactKind::Goal, 'leads', Origin::Stated, 0.95)]);
        $guessed = new Brief(facts: [new Fact('f1', FactKind::Goal, 'leads', Origin::Inferred, 0.4)]);
        self::assertSame(12, $assessor->score($sure)->total);
        self::assertSame(6, $assessor->score($guessed)->total);
    }

    public function testASkippedQuestionIsNotAskedAgain(): void
    {
        $brief = new Brief(skipped: ['goal']);
        foreach ((new Assessor(Bench::catalogue()))->questions($brief) as $question) {
            self::assertNotSame('q-goal', $question->id);
        }
    }

    public function testAThinBriefSaysWhatAPlanSupposes(): void
    {
        $guesses = (new Assessor(Bench::catalogue()))->guesses(Bench::read('We are a bakery in Felsham, please make us a website.'));
        self::assertContains('That it should bring more visitors', $guesses);
        self::assertContains('That the pages usual for a bakery are right', $guesses);
        self::assertNotContains('That it is a bakery', $guesses, 'that was said');
    }

    public function testABriefThatGoesFarEnoughLeavesNothingToGuess(): void
    {
        self::assertSame([], (new Assessor(Bench::catalogue()))->guesses(Bench::read(Bench::text('chatty-email.txt'))));
    }
}

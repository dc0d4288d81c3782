<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Spans;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Spans\LearntGoal;
use DunePocket\Brief\Reading\Spans\Lessons;
use DunePocket\Brief\Reading\Spans\SpanFinder;
use DunePocket\Catalogue\WeightsOfMany;
use DunePocket\Catalogue\WordWeights;
use DunePocket\Tests\Support\Bench;
use DunePocket\Tests\Support\Readings;
use PHPUnit\Framework\TestCase;

final class LearntGoalTest extends TestCase
{
    private const AIM = "-3.00\t\n6.00\thas them\n-4.00\thas today\n";
    private const GOALS = ['bookings' => "-3.00\t\n5.00\thas slot\n", 'leads' => "-3.00\t\n5.00\thas ring\n"];

    /** @return list<string> goals with their certainties, the surest first */
    private static function goals(string $text, Candidate ...$read): array
    {
        $goal = new LearntGoal(new WordWeights(WordWeights::parse(self::AIM)), new WeightsOfMany(array_map(WordWeights::parse(...), self::GOALS)));
        $weighed = (new Lessons(SpanFinder::with(Bench::catalogue()), [$goal]))->weighed(Readings::of($text), array_values($read));
        usort($weighed, static fn (Candidate $a, Candidate $b): int => $b->certainty <=> $a->certainty);

        return array_map(static fn (Candidate $candidate): string => \sprintf('%s %.2f', $candidate->value, $candidate->certainty), $weighed);
    }

    private static function said(string $goal, int $start, float $certainty): Candidate
    {
        return new Candidate(FactKind::Goal, $goal, $start, 5, $certainty);
    }

    public function testTheGoalOfTheSentenceThatSaysTheAimCounts(): void
    {
        self::assertSame(['bookings 0.95', 'leads 0.92'], self::goals('Today people ring. I want them to pick a slot.', self::said('leads', 0, 0.95), self::said('bookings', 19, 0.95)));
    }

    public function testWhatWasSaidPlainlyStandsWhateverItsSentence(): void
    {
        self::assertSame(['leads 0.95'], self::goals('Today people ring.', self::said('leads', 0, 0.95)));
        self::assertSame(['leads 0.95', 'bookings 0.75'], self::goals('Today people ring. I want them to pick a slot.', self::said('leads', 0, 0.95), self::said('bookings', 19, 0.75)));
    }

    public function testWhereNothingWasReadTheLikeliestSentenceGivesAHint(): void
    {
        self::assertSame(['bookings 0.50'], self::goals('We mend boats. We like it. I want them to pick a slot.'));
    }

    public function testNoHintWithoutAnAimOrAWordForTheGoal(): void
    {
        self::assertSame([], self::goals('Today people pick a slot.'));
        self::assertSame([], self::goals('All day people ring them and ask for a slot.'));
        self::assertSame([], self::goals('We mend boats. We like it. I want them to be happy.'));
        self::assertSame([], self::goals('I want them to pick a slot.'), 'a sentence or two are too little for a guess');
    }
}

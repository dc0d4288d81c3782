<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Affinities;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Recogniser\LearntGoalRecogniser;
use DunePocket\Tests\Support\Readings;
use PHPUnit\Framework\TestCase;

final class LearntGoalRecogniserTest extends TestCase
{
    private const WEIGHTS = "\n\tbookings:-1.0 leads:-1.0\nenquir\tleads:2.0\nguest\tbookings:2.5\nnight\tbookings:2.0\n";
    private const REST = ' The house stands above the harbour where boats come and go all summer long, and from every window you can watch them leave, turn round the lighthouse, pass below the chapel, vanish behind rocks, and return with lobster, crab, mackerel, weather, stories, laughter, tired children and wet dogs.';

    /**
     * @param list<Candidate> $read
     *
     * @return list<Candidate>
     */
    private static function recognised(string $text, array $read = []): array
    {
        return iterator_to_array((new LearntGoalRecogniser(new Affinities(self::WEIGHTS)))->recognise(Readings::of($text), $read), false);
    }

    public function testTheSentenceThatSpeaksForItMostIsQuoted(): void
    {
        $goals = self::recognised('We have six rooms. Guests stay three nights as a rule.'.self::REST);
        self::assertCount(1, $goals);
        self::assertSame('bookings', $goals[0]->value);
        self::assertSame(\strlen('We have six rooms. '), $goals[0]->start);
        self::assertLessThan(0.5, $goals[0]->certainty);
    }

    public function testWhatIsSaidNeedsNoGuess(): void
    {
        $said = new Candidate(FactKind::Goal, 'sales', 0, 5, 0.9);
        self::assertSame([], self::recognised('Guests stay three nights as a rule.'.self::REST, [$said]));
    }

    public function testAShortTextTellsTooLittle(): void
    {
        self::assertSame([], self::recognised('Guests stay three nights as a rule.'));
    }

    public function testTwoGoalsAsLikelyAsEachOtherAreNone(): void
    {
        self::assertSame([], self::recognised('The enquiries of our nights.'.self::REST));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Recogniser;

use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Recogniser\GoalRecogniser;
use DunePocket\Tests\Support\Bench;
use DunePocket\Tests\Support\Readings;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GoalRecogniserTest extends TestCase
{
    /** @return list<Candidate> */
    private static function goals(string $text, ?string $topic = null): array
    {
        $cues = Bench::catalogue()->cues();

        return iterator_to_array((new GoalRecogniser($cues, new Negation($cues)))->recognise(Readings::of($text, $topic)), false);
    }

    /** @return iterable<string, array{string, ?string, list<string>}> text, topic, goals in the order of their certainty */
    public static function texts(): iterable
    {
        yield 'a wish' => ['We want people to book online.', null, ['bookings']];
        yield 'what visitors do' => ['People should be able to ask us for a quote.', null, ['leads']];
        yield 'an aim' => ['The whole point of it is to sell more prints.', null, ['sales']];
        yield 'an aim told first' => ['Booking a slot online is what we need most.', null, ['bookings']];
        yield 'a fact is no aim' => ['We book the hall every Tuesday.', null, []];
        yield 'what is not wanted' => ['We do not want people to book online.', null, []];
        yield 'asked for, loose words are enough' => ['full classes', 'goal', ['bookings']];
        yield 'loose words alone' => ['full classes', null, []];
        yield 'under another question' => ['book online', 'tone', []];
        yield 'in the order they are told' => ['More enquiries, and donations.', 'goal', ['leads', 'donations']];
    }

    /** @param list<string> $goals */
    #[DataProvider('texts')]
    public function testAnAimIsUnderstood(string $text, ?string $topic, array $goals): void
    {
        $read = self::goals($text, $topic);
        usort($read, static fn (Candidate $a, Candidate $b): int => $b->certainty <=> $a->certainty);
        self::assertSame($goals, array_map(static fn (Candidate $goal): string => $goal->value, $read));
    }

    public function testHowPlainlyItIsSaidMakesItCertain(): void
    {
        $certainty = static fn (string $text, ?string $topic = null): float => self::goals($text, $topic)[0]->certainty;
        self::assertGreaterThan($certainty('We want people to book online.'), $certainty('The whole point is that people book online.'));
        self::assertGreaterThan($certainty('We would also like people to book online.'), $certainty('We would like people to book online.'));
        self::assertGreaterThan($certainty('We would like people to book online.'), $certainty('Above all we would like people to book online.'));
        self::assertGreaterThanOrEqual(0.9, $certainty('People book online', 'goal'));
        self::assertLessThan(0.8, $certainty('Secondly, people should book online.'));
    }

    public function testTheWholeSentenceIsQuoted(): void
    {
        $text = 'We want people to book online.';
        [$goal] = self::goals($text);
        self::assertSame('We want people to book online', substr($text, $goal->start, $goal->length));
    }
}

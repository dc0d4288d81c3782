<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\ReadableText;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser\LearntRefusalRecogniser;
use DunePocket\Catalogue\WordWeights;
use DunePocket\Tests\Support\Bench;
use DunePocket\Tests\Support\Sentences;
use PHPUnit\Framework\TestCase;

final class LearntRefusalRecogniserTest extends TestCase
{
    private const WEIGHTS = "-1.00\t\n4.00\thorrid\n2.20\tdreary\n";

    /**
     * @param list<Candidate> $read
     *
     * @return list<Candidate>
     */
    private static function refused(string $text, array $read = [], ?string $topic = null): array
    {
        $recogniser = new LearntRefusalRecogniser(Bench::catalogue()->cues(), Bench::catalogue()->pageKinds(), WordWeights::parse(self::WEIGHTS));
        $sentence = Sentences::one($text, $topic);

        return iterator_to_array($recogniser->recognise(new Reading(ReadableText::unchanged($text), [$sentence->block], [$sentence]), $read), false);
    }

    public function testAThingOfASiteIsRefusedByItsSentence(): void
    {
        [$refusal] = self::refused('To me a forum is dreary stuff.');
        self::assertSame(['Forum', 'forum'], [$refusal->value, substr('To me a forum is dreary stuff.', $refusal->start, $refusal->length)]);
        self::assertFalse($refusal->isPlain(), 'it is no more than a hint');
    }

    public function testAnyOtherThingNeedsMoreToSpeakAgainstIt(): void
    {
        self::assertSame([], self::refused('A wheel of fortune is dreary stuff.'));
        self::assertSame(['Wheel'], Sentences::values(self::refused('A wheel of fortune is horrid.')));
        self::assertSame(['Spinning globe'], Sentences::values(self::refused('The spinning globe was horrid.')));
    }

    public function testNothingIsRefusedWhereNothingSpeaksAgainstIt(): void
    {
        self::assertSame([], self::refused('A forum is what we want.'));
    }

    public function testWhatWordingsReadComesFirst(): void
    {
        $text = 'To me a forum is dreary stuff.';
        self::assertSame([], self::refused($text, [new Candidate(FactKind::PageRefusal, 'Stuff', 24, 5, 0.95)]));
        self::assertSame([], self::refused($text, [new Candidate(FactKind::Feature, 'forum', 8, 5, 0.85)]));
        self::assertSame([], self::refused('To me a forum is horrid stuff.', [new Candidate(FactKind::Feature, 'forum', 8, 5, 0.85)]));
    }

    public function testWhereSomethingElseIsAskedForNothingIsRefused(): void
    {
        self::assertSame([], self::refused('To me a forum is dreary stuff.', topic: 'tone'));
    }
}

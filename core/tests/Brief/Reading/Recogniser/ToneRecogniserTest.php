<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Recogniser;

use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Recogniser\ToneRecogniser;
use DunePocket\Tests\Support\Bench;
use DunePocket\Tests\Support\Readings;
use DunePocket\Tests\Support\Sentences;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ToneRecogniserTest extends TestCase
{
    /** @return iterable<string, array{string, ?string, list<string>}> text, topic, tones */
    public static function texts(): iterable
    {
        yield 'asked for' => ['friendly but not silly', 'tone', ['warm']];
        yield 'with a word for the voice' => ['The tone should be calm and professional.', null, ['calm', 'professional']];
        yield 'what it is to convey' => ['It should transmit peace and elegance.', null, ['calm', 'refined']];
        yield 'tones alone' => ['Warm. Playful.', null, ['playful', 'warm']];
        yield 'denied' => ['Not formal, not corporate.', 'tone', []];
        yield 'denied in one part of a list' => ['Friendly, no pressure, plain', 'tone', ['warm', 'plain']];
        yield 'with a remark' => ['Warm and a little bit funny, like my mother.', null, ['warm', 'playful']];
        yield 'under how it looks' => ['Professional but warm.', 'design_note', ['professional', 'warm']];
        yield 'a design in a sentence' => ['A warm red for the head of the page.', 'design_note', []];
        yield 'of the people' => ['Our warm volunteers meet the walkers at the bus.', null, []];
        yield 'of the offer' => ['Plain flour and strong flour.', 'offering', []];
    }

    /** @param list<string> $tones */
    #[DataProvider('texts')]
    public function testAToneIsReadWhereTheVoiceIsSpokenOf(string $text, ?string $topic, array $tones): void
    {
        $cues = Bench::catalogue()->cues();
        self::assertEqualsCanonicalizing($tones, array_values(array_unique(Sentences::values((new ToneRecogniser($cues, new Negation($cues)))->recognise(Readings::of($text, $topic))))));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Language;

use DunePocket\Language\WritingSample;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WritingSampleTest extends TestCase
{
    /** @return iterable<array{string, int, int, int}> counts by text-readability (npm run references); it counts no sentence of one or two words */
    public static function texts(): iterable
    {
        /** @var list<array{text: string, words: int, sentences: int, syllables: int}> $texts */
        $texts = json_decode((string) file_get_contents(__DIR__.'/../fixtures/language/texts.json'), true, flags: \JSON_THROW_ON_ERROR);
        foreach ($texts as $text) {
            yield [$text['text'], $text['words'], $text['sentences'], $text['syllables']];
        }
    }

    #[DataProvider('texts')]
    public function testCountsAndReadingEaseAgreeWithTheReferenceLibrary(string $text, int $words, int $sentences, int $syllables): void
    {
        $sample = WritingSample::measure($text);
        self::assertSame($words, $sample->words);
        self::assertSame($sentences, $sample->sentences);
        self::assertEqualsWithDelta($syllables, $sample->syllables, 2);
        self::assertEqualsWithDelta(206.835 - 1.015 * $words / $sentences - 84.6 * $syllables / $words, $sample->readingEase(), 84.6 * 2 / $words + 0.001);
        self::assertEqualsWithDelta(0.39 * $words / $sentences + 11.8 * $syllables / $words - 15.59, $sample->grade(), 11.8 * 2 / $words + 0.001);
    }

    public function testASentenceEndsAtItsStopAndNotAtAnAbbreviation(): void
    {
        self::assertSame(2, WritingSample::measure('Ask for Dr. Marl, e.g. on a Monday. She mends clocks!')->sentences);
        self::assertSame(2, WritingSample::measure("A line without a stop\n\nAnother line")->sentences);
        self::assertSame(1, WritingSample::measure('It costs 4.50 for an hour.')->sentences);
    }

    public function testPersonsContractionsAndExclamationsAreCounted(): void
    {
        $sample = WritingSample::measure('We’re open! Don’t bring your dog, bring mine. The shop’s door is green!!');
        self::assertSame(2, $sample->contractions, 'A possessive is no contraction.');
        self::assertSame(2, $sample->firstPerson);
        self::assertSame(1, $sample->secondPerson);
        self::assertSame(2, $sample->exclamations);
    }

    public function testAnEmptyTextMeasuresNothing(): void
    {
        $sample = WritingSample::measure('');
        self::assertSame([0, 0, 0.0, 0.0], [$sample->words, $sample->sentences, $sample->readingEase(), $sample->grade()]);
    }
}

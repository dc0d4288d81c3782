<?php

declare(strict_types=1);

namespace DunePocket\Tests\Language;

use DunePocket\Language\Syllables;
use PHPUnit\Framework\TestCase;

/** The CMU pronouncing dictionary is the reference; web/tools/references.mjs takes every 18th of its words that are in our list. */
final class SyllablesTest extends TestCase
{
    private const AGREEMENT = 0.95;
    private const DRIFT = 0.01;

    public function testCountsAgreeWithThePronouncingDictionary(): void
    {
        $words = file(__DIR__.'/../fixtures/language/syllables.tsv', \FILE_IGNORE_NEW_LINES) ?: [];
        self::assertGreaterThan(2000, \count($words));
        [$right, $ours, $theirs] = [0, 0, 0];
        foreach ($words as $line) {
            [$word, $counts] = explode("\t", $line);
            $spoken = array_map(intval(...), explode(' ', $counts));
            $count = Syllables::of($word);
            $right += \in_array($count, $spoken, true) ? 1 : 0;
            $ours += $count;
            $theirs += $spoken[0];
        }
        self::assertGreaterThan(self::AGREEMENT, $right / \count($words));
        self::assertEqualsWithDelta(1.0, $ours / $theirs, self::DRIFT, 'Faults must not all lie on one side.');
    }

    public function testWhatHasNoLettersHasNoSyllables(): void
    {
        self::assertSame(0, Syllables::of('24'));
        self::assertSame(0, Syllables::of(''));
    }

    public function testAccentsAndApostrophesAreReadAsTheirLetters(): void
    {
        self::assertSame(Syllables::of('cafe'), Syllables::of('café'));
        self::assertSame(1, Syllables::of('we’re'));
    }
}

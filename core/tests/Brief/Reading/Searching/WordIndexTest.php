<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Searching;

use DunePocket\Brief\Reading\Searching\AllNeeded;
use DunePocket\Brief\Reading\Searching\AnyNeeded;
use DunePocket\Brief\Reading\Searching\NeededLetters;
use DunePocket\Brief\Reading\Searching\WordIndex;
use PHPUnit\Framework\TestCase;

final class WordIndexTest extends TestCase
{
    private const SENTENCES = ['Walls and gates', 'GATES, mended', '', 'We lay hedges; no walls.', 'Éclairs'];

    public function testWholeWordsAndPartsOfWordsAreFound(): void
    {
        $index = new WordIndex(self::SENTENCES);
        self::assertSame([0, 3], $index->holding(new NeededLetters(' walls ')));
        self::assertSame([0, 1], $index->holding(new NeededLetters('ate')));
        self::assertSame([], $index->holding(new NeededLetters(' ate')));
        self::assertSame([4], $index->holding(new NeededLetters(' écl')));
        self::assertSame([], $index->holding(new NeededLetters('mended walls')), 'letters of two words stand in none');
    }

    public function testAllAreNeededAndOfEachAnyOne(): void
    {
        $index = new WordIndex(self::SENTENCES);
        $gatesOrHedges = new AnyNeeded([new NeededLetters(' gates'), new NeededLetters('hedge')]);
        self::assertSame([0, 1, 3], $index->holding($gatesOrHedges));
        self::assertSame([1, 3], $index->holding(new AllNeeded([$gatesOrHedges, new AnyNeeded([new NeededLetters('mended'), new NeededLetters(' no ')])])));
        self::assertSame([], $index->holding(new AllNeeded([new NeededLetters('gates'), new NeededLetters('hedges')])));
    }

    public function testWhereAWordBeginsAndEnds(): void
    {
        $index = new WordIndex(['Gate', 'Gates', 'Floodgate', 'Floodgates']);
        self::assertSame([0, 1, 2, 3], $index->holding(new NeededLetters('gate')));
        self::assertSame([0, 1], $index->holding(new NeededLetters(' gate')));
        self::assertSame([0, 2], $index->holding(new NeededLetters('gate ')));
        self::assertSame([0], $index->holding(new NeededLetters(' gate ')));
    }

    public function testManySentencesKeepTheirNumbers(): void
    {
        $sentences = array_map(static fn (int $number): string => 0 === $number % 7 ? 'a barn' : 'a field', range(0, 99));
        self::assertSame(range(0, 99, 7), (new WordIndex($sentences))->holding(new NeededLetters('barn')));
    }
}

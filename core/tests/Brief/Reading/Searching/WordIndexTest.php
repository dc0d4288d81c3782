<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Searching;

use DunePocket\Brief\Reading\Searching\WordIndex;
use PHPUnit\Framework\TestCase;

final class WordIndexTest extends TestCase
{
    private const SENTENCES = ['Walls and gates', 'GATES, mended', '', 'We lay hedges; no walls.', 'Éclairs'];

    public function testWholeWordsAndPartsOfWordsAreFound(): void
    {
        $index = new WordIndex(self::SENTENCES);
        self::assertSame([0, 3], $index->holding([[' walls ']]));
        self::assertSame([0, 1], $index->holding([['ate']]));
        self::assertSame([], $index->holding([[' ate']]));
        self::assertSame([4], $index->holding([[' écl']]));
        self::assertSame([], $index->holding([['mended walls']]), 'letters of two words stand in none');
    }

    public function testAllAreNeededAndOfEachAnyOne(): void
    {
        $index = new WordIndex(self::SENTENCES);
        self::assertSame([0, 1, 3], $index->holding([[' gates', 'hedge']]));
        self::assertSame([1, 3], $index->holding([[' gates', 'hedge'], ['mended', ' no ']]));
        self::assertSame([], $index->holding([['gates'], ['hedges']]));
    }

    public function testManySentencesKeepTheirNumbers(): void
    {
        $sentences = array_map(static fn (int $number): string => 0 === $number % 7 ? 'a barn' : 'a field', range(0, 99));
        self::assertSame(range(0, 99, 7), (new WordIndex($sentences))->holding([['barn']]));
    }
}

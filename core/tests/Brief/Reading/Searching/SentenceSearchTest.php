<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Searching;

use DunePocket\Brief\Reading\Searching\SentenceSearch;
use DunePocket\Catalogue\Wordings;
use PHPUnit\Framework\TestCase;

final class SentenceSearchTest extends TestCase
{
    private const SENTENCES = ['We lay hedges.', 'Gates too', 'No hedges in May', "Walls\nand hedges"];

    /** @return list<int> */
    private static function numbers(string $pattern): array
    {
        return iterator_to_array((new SentenceSearch(self::SENTENCES))->numbers($pattern), false);
    }

    public function testItSaysInWhichSentencesAWordingStands(): void
    {
        self::assertSame([0, 2, 3], self::numbers('/\bhedges\b/iu'));
        self::assertSame([1], self::numbers('/^gates\b/iu'));
        self::assertSame([], self::numbers('/roofs/iu'));
    }

    public function testASentenceIsNamedOnce(): void
    {
        self::assertSame([0], iterator_to_array((new SentenceSearch(['hedges, hedges, hedges']))->numbers('/hedges/u'), false));
    }

    public function testNothingReachesFromOneSentenceIntoTheNext(): void
    {
        self::assertSame([], self::numbers('/hedges[^.;]*gates/iu'));
        self::assertSame([0, 2, 3], self::numbers('/hedges(?![^.;]*gates)/iu'), 'the gates of the next sentence do not count');
    }

    public function testHeadAndEndOfASentenceAreFound(): void
    {
        self::assertSame([1], self::numbers('/too$/iu'));
        self::assertSame([2], self::numbers('/^No\b/u'));
    }

    public function testThingsAreHeldBySentencesInTheirOrder(): void
    {
        $held = (new SentenceSearch(self::SENTENCES))->holding(['a' => 'walls', 'b' => 'hedges'], static fn (string $word): array => ['/\b'.$word.'\b/iu']);
        self::assertSame(['a' => 'walls', 'b' => 'hedges'], $held[3]);
        self::assertSame(['b' => 'hedges'], $held[0]);
        self::assertArrayNotHasKey(1, $held);
    }

    public function testASentenceMayHoldAnyOfTheWordings(): void
    {
        $search = new SentenceSearch(self::SENTENCES);
        $wordings = new Wordings(['\bgates\b', '\bwalls\b'], static fn (string $pattern): string => "~$pattern~iu");
        self::assertSame([false, true, false, true], array_map(static fn (int $number): bool => $search->mayHold($wordings, $number), array_keys(self::SENTENCES)));
        self::assertFalse($search->mayHold($wordings, 9));
    }

    public function testWordingsAreNotTakenForOneAnother(): void
    {
        $search = new SentenceSearch(self::SENTENCES);
        $expand = static fn (string $pattern): string => "~$pattern~iu";
        self::assertTrue($search->mayHold(new Wordings(['hedges'], $expand), 0));
        self::assertFalse($search->mayHold(new Wordings(['gates'], $expand), 0));
    }

    public function testWithoutSentencesThereIsNothing(): void
    {
        self::assertSame([], iterator_to_array((new SentenceSearch([]))->numbers('/a/'), false));
    }

    public function testALongSourceIsSearchedAsAShortOneIs(): void
    {
        $sentences = array_merge(...array_fill(0, 100, self::SENTENCES));
        $patterns = ['/\bhedges\b/iu', '/^gates\b/iu', '/roofs/iu', '/hedges(?![^.;]*gates)/iu', '/too$/iu', '/^No\b/u', '/\w/u', '/walls\s+and/iu'];
        foreach ($patterns as $pattern) {
            $expected = array_keys(preg_grep($pattern.'m', $sentences) ?: []);
            self::assertSame($expected, iterator_to_array((new SentenceSearch($sentences))->numbers($pattern), false), $pattern);
        }
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Spans;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Spans\Known;
use DunePocket\Brief\Reading\Spans\Parts;
use DunePocket\Brief\Reading\Spans\SentenceSpans;
use DunePocket\Brief\Reading\Spans\SmallWords;
use DunePocket\Brief\Reading\Spans\Span;
use DunePocket\Brief\Reading\Spans\SpanOdds;
use DunePocket\Brief\Reading\Spans\Word;
use DunePocket\Catalogue\WordWeights;
use DunePocket\Tests\Support\Sentences;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The small parts that finding and weighing spans is made of. */
final class PartsTest extends TestCase
{
    /** @return iterable<string, array{string, int, int, string}> sentence, first and last word, the trait */
    public static function parts(): iterable
    {
        yield 'a whole part' => ['bread, rye cakes and buns', 1, 2, 'whole part of 3'];
        yield 'the last one, after "and"' => ['bread, rye cakes and buns', 4, 4, 'whole part of 3'];
        yield 'the start of a part' => ['bread, rye cakes and buns', 1, 1, 'starts part of 3'];
        yield 'the end of one' => ['We sell bread, cakes', 2, 2, 'ends part of 2'];
        yield 'inside one' => ['We sell bread daily, cakes', 1, 2, 'inside part of 2'];
        yield 'over two' => ['bread and butter, cakes', 0, 2, 'over parts of 3'];
        yield 'a sentence without parts' => ['We sell bread', 0, 2, 'whole part of 1'];
        yield 'slashes' => ['bread / rye cakes / buns', 1, 2, 'whole part of 3'];
        yield 'many' => ['a, b, c, d, e, f, g, h', 2, 2, 'whole part of 6'];
    }

    #[DataProvider('parts')]
    public function testASpanIsAPartOfAnEnumerationOrNot(string $sentence, int $first, int $last, string $trait): void
    {
        self::assertContains($trait, (new Parts($sentence, Word::all($sentence)))->of($first, $last));
    }

    /** @return iterable<string, array{string, string, string, string, bool}> word, in small letters, its stem, without "'s", whether a capital */
    public static function words(): iterable
    {
        yield 'a plural' => ['Lessons', 'lessons', 'lesson', 'lessons', true];
        yield 'a doing' => ['mending', 'mending', 'mend', 'mending', false];
        yield 'ies' => ['pastries', 'pastries', 'pastr', 'pastries', false];
        yield 'a short word keeps its ending' => ['bus', 'bus', 'bus', 'bus', false];
        yield 'a possessive' => ['Netty’s', "netty's", 'netty', 'netty', true];
        yield 'a number' => ['3rd', '3rd', '3rd', '3rd', true];
        yield 'other letters' => ['Ålesund', 'ålesund', 'ålesund', 'ålesund', true];
    }

    #[DataProvider('words')]
    public function testAWordIsKnownWithoutItsEnding(string $text, string $lower, string $stem, string $bare, bool $isCapital): void
    {
        [$word] = Word::all($text);
        self::assertSame([$lower, $stem, $bare, $isCapital], [$word->lower, $word->stem, $word->bare, $word->isCapital]);
    }

    public function testWordsKnowWhereTheyStand(): void
    {
        $sentence = 'Größe, “Fred & Ada’s” co.uk 12-hour!';
        foreach (Word::all($sentence) as $word) {
            self::assertSame($word->text, substr($sentence, $word->start, $word->end() - $word->start));
        }
        self::assertSame(['Größe', 'Fred', '&', 'Ada’s', 'co.uk', '12-hour'], array_map(static fn (Word $word): string => $word->text, Word::all($sentence)));
    }

    public function testSmallWordsStartAndEndOnlySomeNames(): void
    {
        foreach (['the' => [true, true, false], 'you' => [true, true, true], 'and' => [true, false, false], 'of' => [true, false, false], 'bread' => [false, true, true]] as $word => $expected) {
            self::assertSame($expected, [SmallWords::has($word), SmallWords::mayStart($word), SmallWords::mayEnd($word)], $word);
        }
    }

    private static function candidate(string $value, int $start, FactKind $kind = FactKind::Offering): Candidate
    {
        return new Candidate($kind, $value, $start, \strlen($value), 0.9);
    }

    public function testAThingIsKnownByItsWordsOrByItsPlace(): void
    {
        $known = new Known([self::candidate('Oak boats', 100), self::candidate('Rope', 200, FactKind::Feature), self::candidate('Nails', 300, FactKind::Tone)], FactKind::Offering, [FactKind::Feature]);
        self::assertTrue($known->has(self::candidate('oak boat', 0)), 'the same words elsewhere');
        self::assertTrue($known->has(self::candidate('Boats', 0)), 'part of it');
        self::assertTrue($known->has(self::candidate('New oak boats', 0)), 'more of it');
        self::assertFalse($known->has(self::candidate('Oak chairs', 0)), 'one word shared is not enough');
        self::assertTrue($known->has(self::candidate('Ropes', 198)), 'something else at this place');
        self::assertFalse($known->has(self::candidate('Rope', 0)), 'something else of these words, elsewhere');
        self::assertFalse($known->has(self::candidate('Nails', 300)), 'a kind of fact that does not matter');
        $known->add(self::candidate('Oak chairs', 400));
        self::assertTrue($known->has(self::candidate('Oak chairs', 0)));
    }

    /** @param array<string, float> $odds by the words of the sentence, each a span */
    private static function likely(string $text, array $odds, float $least): string
    {
        $spans = array_map(static fn (string $words): Span => new Span($words, (int) strpos($text, $words), 0, 0), array_keys($odds));
        $sentence = new SentenceSpans(Sentences::one($text), false, [], $spans, array_map(static fn (string $words): array => [$words], array_keys($odds)), [[]], [[]]);

        return implode(', ', array_map(static fn (Span $span): string => $span->text, SpanOdds::likely((new SpanOdds(new WordWeights($odds)))->of($sentence), $least)));
    }

    public function testWhatStandsOnTopOfALikelierSpanIsLeftOut(): void
    {
        self::assertSame('oak boats', self::likely('We sell oak boats', ['oak boats' => 3.0, 'boats' => 2.0, 'oak' => 1.5], 1.0));
        self::assertSame('rope, oak', self::likely('We sell oak boats, rope', ['oak boats' => 1.2, 'oak' => 2.0, 'rope' => 2.5], 1.0));
    }

    public function testLikelyThingsOfOneEnumerationVouchForEachOther(): void
    {
        $list = 'bread, rye cakes, buns';
        self::assertSame('bread, rye cakes, buns', self::likely($list, ['bread' => 2.0, 'rye cakes' => 1.0, 'buns' => -0.2], 1.0));
        self::assertSame('bread', self::likely($list, ['bread' => 2.0, 'buns' => -0.2], 1.0), 'two are no company');
        self::assertSame('bread', self::likely($list, ['bread' => 1.1, 'rye cakes' => -0.3, 'buns' => -0.4], 1.0), 'unlikely all in all');
        self::assertSame('bread, rye cakes', self::likely($list, ['bread' => 2.0, 'rye cakes' => 1.5, 'buns' => -3.0], 1.0), 'one that is far too unlikely');
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Spans;

use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\ReadableText;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\SentenceSplitter;
use DunePocket\Brief\Reading\Spans\SentenceSpans;
use DunePocket\Brief\Reading\Spans\Span;
use DunePocket\Brief\Reading\Spans\SpanFinder;
use DunePocket\Tests\Support\Bench;
use DunePocket\Tests\Support\Readings;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SpanFinderTest extends TestCase
{
    private static function finder(): SpanFinder
    {
        return SpanFinder::with(Bench::catalogue());
    }

    /** @return list<SentenceSpans> */
    private static function in(Reading $reading): array
    {
        return iterator_to_array(self::finder()->in($reading), false);
    }

    /** @return list<Span> of the first sentence */
    private static function spans(string $text): array
    {
        return self::in(Readings::of($text))[0]->spans;
    }

    /** @return list<string> */
    private static function traits(string $text, string $span): array
    {
        $sentence = self::in(Readings::of($text))[0];
        foreach ($sentence->spans as $i => $found) {
            if ($found->text === $span) {
                return $sentence->traits($i);
            }
        }
        self::fail("No span “{$span}”.");
    }

    public function testEveryRunOfWordsMayNameSomething(): void
    {
        $spans = array_map(static fn (Span $span): string => $span->text, self::spans('We mend oak boats, and rope.'));
        foreach (['mend', 'mend oak', 'mend oak boats', 'oak', 'oak boats', 'boats', 'rope'] as $expected) {
            self::assertContains($expected, $spans);
        }
        self::assertNotContains('boats, and rope', $spans, 'a comma ends it');
        self::assertNotContains('and rope', $spans, 'small words start none');
    }

    public function testNoSpanIsLongerThanSixWords(): void
    {
        $words = array_map(static fn (Span $span): int => str_word_count($span->text), self::spans('red green blue white black brown grey pink'));
        self::assertSame(6, max([0, ...$words]));
    }

    public function testASpanKnowsWhereItStandsInTheSource(): void
    {
        $text = "Größe zählt: Ålesund Äpfel\u{A0}& mehr.";
        foreach (self::spans($text) as $span) {
            self::assertSame($span->text, substr($text, $span->start, \strlen($span->text)));
        }
    }

    /** @return iterable<string, array{string, string, list<string>, list<string>}> text, span, some traits it has, some it has not */
    public static function traitsSeen(): iterable
    {
        yield 'the words and their ends' => ['We sell gravel bikes here.', 'gravel bikes', ['words 2', 'first gravel', 'last bik', 'in gravel', 'is gravel bik'], ['words 1']];
        yield 'what stands around' => ['We sell gravel bikes here.', 'gravel bikes', ['-1 sell', '-2 we', '- we', '+1 here', '-12 we sell', 'from ', 'to '], ['+2 here']];
        yield 'marks around it' => ['Bikes (gravel), helmets', 'gravel', ['from (', 'to ),', 'between ( ),'], []];
        yield 'the end of the sentence' => ['We sell bikes.', 'bikes', ['to .$'], []];
        yield 'capitals' => ['Come to Hollin Barn today.', 'Hollin Barn', ['capitals all', 'starts capital', 'capitals inside'], ['capital after']];
        yield 'half a name' => ['Come to Hollin Barn today.', 'Hollin', ['capital after'], ['capital before']];
        yield 'a text without capitals' => ['we are hollin barn.', 'hollin barn', ['capitals none in small letters'], ['capitals none']];
        yield 'a thing of websites' => ['We want no forum at all.', 'forum', ['is a thing', 'touches a thing'], []];
        yield 'around a thing of websites' => ['We want no forum at all.', 'forum at all', ['holds a thing'], ['is a thing']];
        yield 'an address made of the words' => ['Hollin Barn here. Write to hi@hollinbarn.example', 'Hollin Barn', ['address', 'address starts', 'address of 2'], []];
        yield 'said again' => ['Hollin Barn, yes, Hollin Barn.', 'Hollin Barn', ['times 2'], ['times 1']];
        yield 'in quotation marks' => ['It is called “Hollin Barn” now.', 'Hollin Barn', ['quoted'], []];
        yield 'in capitals throughout' => ['It is HOLLIN BARN now.', 'HOLLIN BARN', ['shouted'], []];
        yield 'with an ampersand' => ['Ask at Wick & Wax today.', 'Wick & Wax', ['and sign'], ['and sign after']];
        yield 'a word no dictionary holds' => ['Ask at Xyzzybarn today.', 'Xyzzybarn', ['strange 1'], ['strange 0']];
        yield 'a place' => ['We sit in Aberdeen now.', 'Aberdeen', ['names 1'], []];
    }

    /**
     * @param list<string> $has
     * @param list<string> $hasNot
     */
    #[DataProvider('traitsSeen')]
    public function testWhatIsToBeSeenOfASpan(string $text, string $span, array $has, array $hasNot): void
    {
        $traits = self::traits($text, $span);
        self::assertSame([], array_values(array_diff($has, $traits)), implode(', ', $traits));
        self::assertSame([], array_values(array_intersect($hasNot, $traits)));
        self::assertSame(array_unique($traits), $traits);
    }

    public function testWhatAllSpansOfASentenceShare(): void
    {
        $blocks = [new Block(BlockKind::Item, 0, 'A blog? Never again!', 'feature', 0, false)];
        [$first, $second] = self::in(Readings::ofBlocks(...$blocks));
        foreach (['#feature', '@Item', 'no', 'number 0', 'distance 0', 'has blog', 'has a blog', 'ends ?', 'then never', 'then never again', 'then of 2'] as $trait) {
            self::assertContains($trait, $first->shared);
        }
        self::assertContains('number 1', $second->shared);
        self::assertContains('then of 0', $second->shared);
        self::assertFalse($first->isAsked);
    }

    public function testWhatTheDesignerAsksIsMarked(): void
    {
        $said = new Block(BlockKind::Paragraph, 30, 'Well, it is a restored barn.');
        $asked = new Block(BlockKind::Paragraph, 0, 'So, tell me about Hollin Barn.');
        $splitter = new SentenceSplitter(Bench::catalogue()->cues()->takingBack);
        $found = self::in(new Reading(ReadableText::unchanged($asked->text.$said->text), [$said], $splitter->split([$said]), $splitter->split([$asked])));
        self::assertSame([false, true], array_map(static fn (SentenceSpans $spans): bool => $spans->isAsked, $found));
        self::assertContains('asked', $found[1]->shared);
    }

    public function testOfATextWithoutAnyMarkOnlyTheBeginningIsLookedAt(): void
    {
        [$sentence] = self::in(Readings::of(str_repeat('oak gates garden benches rope ', 20_000)));
        self::assertLessThan(3_000, \count($sentence->spans));
    }

    public function testInALongSourceOnlyTheBeginningIsLookedAt(): void
    {
        $found = self::in(Readings::of(str_repeat('We mend old boats. ', 20_000)));
        self::assertLessThan(2_000, \count($found));
        self::assertGreaterThan(1_000, \count($found));
    }
}

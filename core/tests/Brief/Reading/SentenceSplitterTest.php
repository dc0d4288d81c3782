<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading;

use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\ReadableText;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Brief\Reading\SentenceSplitter;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SentenceSplitterTest extends TestCase
{
    /** @return list<Sentence> */
    private static function split(string $text): array
    {
        return (new SentenceSplitter(Bench::catalogue()->cues()->takingBack))->split([new Block(BlockKind::Paragraph, 0, $text)]);
    }

    /** @return iterable<string, array{string, int}> */
    public static function texts(): iterable
    {
        yield 'two' => ['We mend clocks. We also sell them.', 2];
        yield 'short forms are no end' => ['We work for Mr. Hale, e.g. on turret clocks.', 1];
        yield 'an initial is no end' => ['Mr T. said no.', 1];
        yield 'a price is no end' => ['It costs £4.50 a time.', 1];
        yield 'an address is no end' => ['Write to us@clocks.example or call.', 1];
        yield 'a question and a cry' => ['Why us? Because we care! Truly.', 3];
        yield 'no end in brackets' => ['Straight, curved, prices (yes! actual prices), reviews.', 1];
        yield 'a smile is no bracket' => ['Hi! Thanks. See you :)', 3];
        yield 'nothing' => ['   ', 0];
    }

    #[DataProvider('texts')]
    public function testSentencesEndWhereTheyEnd(string $text, int $count): void
    {
        self::assertCount($count, self::split($text));
    }

    public function testWhatWasDiscussedIsTakenBackBehindTheDiscussion(): void
    {
        self::assertTrue(self::split('Ada suggested vehicle tracking. Discussed at length. It would cost a lot and was voted down.')[0]->isRefused());
        self::assertFalse(self::split('Ada suggested vehicle tracking. Discussed at length. All were for it.')[0]->isRefused());
    }

    public function testALineThatHadRoomLeftEndsAThought(): void
    {
        $chatty = "ok so its a bike shop\nwe fix bikes and hire them out by the day or by the week\nmostly tourists\npages home, hire, repairs";
        self::assertCount(4, self::split($chatty));
        $wrapped = "We have been mending bikes in Pell since\nnineteen eighty, and hire them out to people\nwho come for the week.";
        self::assertCount(1, self::split($wrapped));
        self::assertCount(1, self::split("home,\nhire for a day or for a week,\nrepairs"), 'a comma goes on');
    }

    public function testASentenceStandsWhereItSays(): void
    {
        $text = 'Née in Pell. Wäsche too. Done.';
        foreach (self::split($text) as $sentence) {
            self::assertSame($sentence->text, substr($text, $sentence->start, \strlen($sentence->text)));
        }
    }

    public function testTextWithoutAnEndIsCut(): void
    {
        $text = str_repeat('oak gates, größe, rope ', 2_000);
        $sentences = self::split($text);
        self::assertGreaterThan(10, \count($sentences));
        foreach ($sentences as $sentence) {
            self::assertLessThan(5_000, \strlen($sentence->text));
            self::assertSame($sentence->text, substr($text, $sentence->start, \strlen($sentence->text)));
            self::assertTrue(mb_check_encoding($sentence->text, 'UTF-8'));
        }
        self::assertCount(1, self::split(str_repeat('oak gates, rope ', 200)), 'a long sentence is one');
    }

    public function testWhatTheNextSentenceTakesBackIsRefused(): void
    {
        [$first, $second] = self::split('Somebody asked for a shop. Please don’t.');
        self::assertTrue($first->isRefused());
        self::assertFalse($second->isRefused());
    }

    public function testAPlaceInTheTextLeadsToItsSentence(): void
    {
        $text = 'We mend clocks. We also sell them. Ring us.';
        $reading = new Reading(ReadableText::changed($text, []), [], self::split($text));
        self::assertSame(0, $reading->sentenceAt(3, 4));
        self::assertSame(1, $reading->sentenceAt((int) strpos($text, 'sell'), 4));
        self::assertSame(2, $reading->sentenceAt((int) strpos($text, 'Ring'), 8));
        self::assertNull($reading->sentenceAt(10, 12), 'in two sentences');
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading;

use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NegationTest extends TestCase
{
    /** @return iterable<string, array{string, bool}> a sentence with "blog" in it, and whether the blog is refused */
    public static function sentences(): iterable
    {
        yield 'no' => ['No blog please.', true];
        yield 'wanted' => ['We want a blog.', false];
        yield 'behind its object' => ['Blog I don’t want, I have no time.', true];
        yield 'left off' => ['The blog can go.', true];
        yield 'not now' => ['Maybe a blog later - NOT NOW.', true];
        yield 'another clause' => ['We don’t sell online, but a blog would help.', false];
        yield 'not only' => ['Not only a blog.', false];
        yield 'taken back' => ['Scrap what I said about the blog, yes to a blog.', false];
        yield 'don’t forget' => ['Don’t forget the blog.', false];
        yield 'not to be done without' => ['We can’t run the place without a blog.', false];
        yield 'nothing without it' => ['The site is nothing without a blog.', false];
        yield 'others cannot find it' => ['People don’t know about the blog.', false];
        yield 'not there yet' => ['There is no blog yet and we need one.', false];
        yield 'why not' => ['Why have we never had a blog?', false];
        yield 'how it is to be' => ['The blog shouldn’t be too long.', false];
        yield 'no longer against it' => ['I used to be against a blog.', false];
        yield 'a yes beside a no' => ['Don’t drop the news, but no blog.', true];
        yield 'no point seen in it' => ['We don’t see the point of a blog.', true];
        yield 'has a place elsewhere' => ['The blog can go under News.', false];
        yield 'instead' => ['News on Facebook rather than a blog.', true];
    }

    #[DataProvider('sentences')]
    public function testWhatIsDeniedIsRefused(string $text, bool $refused): void
    {
        $sentence = new Sentence($text, 0, new Block(BlockKind::Paragraph, 0, $text));
        self::assertSame($refused, (new Negation(Bench::catalogue()->cues()))->covers($sentence, (int) stripos($text, 'blog')), $text);
    }

    public function testAQuestionAnsweredWithNoIsRefusedWhole(): void
    {
        $sentence = new Sentence('Would you like a blog', 0, new Block(BlockKind::Paragraph, 0, 'Would you like a blog', null, 0, false));
        self::assertTrue((new Negation(Bench::catalogue()->cues()))->covers($sentence, 17));
    }
}

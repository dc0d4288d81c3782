<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading;

use DunePocket\Brief\Reading\SentenceWords;
use DunePocket\Tests\Support\Sentences;
use PHPUnit\Framework\TestCase;

final class SentenceWordsTest extends TestCase
{
    public function testAWordAPairAndTheBeginningOfWhatFollowsAreKept(): void
    {
        $words = SentenceWords::of(Sentences::one('Never a blog; we don’t read, a blog.'), Sentences::one('Who would write it, pray, in lambing time?'));
        foreach (['never', 'never a', 'a blog', 'blog ;', 'don\'t read', 'read a', '>who', '>who would', '>would write'] as $expected) {
            self::assertContains($expected, $words);
        }
        self::assertNotContains('>pray', $words, 'only the first words of the next sentence');
        self::assertSame(array_unique($words), $words);
    }

    public function testAShortRemarkAndATopicAreMarked(): void
    {
        self::assertContains('>', SentenceWords::of(Sentences::one('A blog?'), Sentences::one('No.')));
        self::assertNotContains('>', SentenceWords::of(Sentences::one('A blog?'), Sentences::one('We would rather talk about the sheep and the dogs.')));
        self::assertContains('#goal', SentenceWords::of(Sentences::one('More walkers', 'goal'), null));
    }
}

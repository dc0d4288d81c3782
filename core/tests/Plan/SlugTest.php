<?php

declare(strict_types=1);

namespace DunePocket\Tests\Plan;

use DunePocket\Plan\Slug;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SlugTest extends TestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function titles(): iterable
    {
        yield 'words' => ['Opening hours', 'opening-hours'];
        yield 'an apostrophe' => ["What's on", 'whats-on'];
        yield 'a curly one' => ['Children’s classes', 'childrens-classes'];
        yield 'an ampersand and marks' => ['Food & drink (menu)', 'food-drink-menu'];
        yield 'other letters' => ['Größe und Äußeres', 'grosse-und-ausseres'];
        yield 'accents' => ['Café épée', 'cafe-epee'];
        yield 'marks around it' => ['  —News!— ', 'news'];
        yield 'nothing that can stand in a path' => ['???', 'page'];
        yield 'nothing at all' => ['', 'page'];
    }

    #[DataProvider('titles')]
    public function testATitleBecomesAPartOfAPath(string $title, string $slug): void
    {
        self::assertSame($slug, Slug::of($title));
        self::assertTrue(Slug::isValid(Slug::of($title)));
    }

    public function testALongTitleIsCutAndDoesNotEndInAHyphen(): void
    {
        for ($length = 50; $length < 70; ++$length) {
            $slug = Slug::of(str_repeat('a', $length).' and more of it');
            self::assertLessThanOrEqual(Slug::LONGEST, \strlen($slug));
            self::assertTrue(Slug::isValid($slug), $slug);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function invalid(): iterable
    {
        yield 'nothing' => [''];
        yield 'a capital' => ['News'];
        yield 'a slash' => ['news/old'];
        yield 'two hyphens' => ['a--b'];
        yield 'a hyphen at the end' => ['news-'];
        yield 'an accent' => ['café'];
        yield 'too long' => [str_repeat('a', Slug::LONGEST + 1)];
    }

    #[DataProvider('invalid')]
    public function testWhatIsNoPartOfAPathIsSeen(string $slug): void
    {
        self::assertFalse(Slug::isValid($slug));
    }

    public function testATakenSlugGetsTheFirstFreeNumber(): void
    {
        self::assertSame('news', Slug::free('news', ['home', 'contact']));
        self::assertSame('news-2', Slug::free('news', ['news']));
        self::assertSame('news-4', Slug::free('news', ['news', 'news-2', 'news-3', 'news-5']));
    }
}

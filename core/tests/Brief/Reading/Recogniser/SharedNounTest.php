<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Recogniser;

use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Recogniser\Offerings\SharedNoun;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SharedNounTest extends TestCase
{
    private const ADJECTIVES = "\nday\nevening\nlegal\nnew\nprivate\ntechnical\n";

    /** @return iterable<string, array{string, list<string>}> the enumeration, and its parts with what they share */
    public static function enumerations(): iterable
    {
        yield 'an adjective takes the noun behind it' => ['legal and technical texts', ['legal texts', 'technical texts']];
        yield 'several do' => ['day, evening and weekend courses', ['day courses', 'evening courses', 'weekend courses']];
        yield 'the noun may have a noun before it' => ['private and group lessons', ['private lessons', 'group lessons']];
        yield 'a noun has its own' => ['oak and ash chairs', ['oak', 'ash chairs']];
        yield 'one word behind it is shared by nobody' => ['legal, bread', ['legal', 'bread']];
        yield 'ones are what was named before' => ['new books, second-hand ones', ['new books', 'second-hand books']];
        yield 'loved ones are people' => ['new books, loved ones', ['new books', 'loved ones']];
        yield 'at the head of a line too' => ['Legal and technical texts', ['Legal texts', 'technical texts']];
    }

    /** @param list<string> $parts */
    #[DataProvider('enumerations')]
    public function testPartsOfAnEnumerationShareANoun(string $enumeration, array $parts): void
    {
        self::assertSame($parts, array_map(static fn (array $part): string => $part[0].$part[2], (new SharedNoun(self::ADJECTIVES))->with(Phrase::list($enumeration))));
    }

    public function testOneAdjectiveNamesNothing(): void
    {
        $nouns = new SharedNoun(self::ADJECTIVES);
        self::assertTrue($nouns->isAdjective('private'));
        self::assertTrue($nouns->isAdjective('brand-new'));
        self::assertFalse($nouns->isAdjective('lessons'));
        self::assertFalse($nouns->isAdjective('private lessons'));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Sources\FormTable;
use DunePocket\Brief\Sources\SourceReader;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FormTableTest extends TestCase
{
    private const TABLE = <<<'TEXT'
        Timestamp,Business name,What do you do?,Pages,Not wanted
        2026/11/03 9:14,Pell Slate,"New roofs, chimneys","Home, Roofs, Contact","Blog, ""live"" chat"
        TEXT;

    public function testQuestionsInTheHeadAndAnswersBelow(): void
    {
        self::assertTrue(FormTable::looksLike(self::TABLE));
        self::assertSame("Business name: Pell Slate\nWhat do you do?\nNew roofs, chimneys\n\nPages: Home, Roofs, Contact\nNot wanted: Blog, \"live\" chat\n", FormTable::toText(self::TABLE));
    }

    public function testWhatIsUnderstoodFromIt(): void
    {
        $brief = Bench::read((new SourceReader())->read(self::TABLE, 'Form', 's1')->text);
        self::assertSame(['Pell Slate'], Bench::values($brief, FactKind::BusinessName));
        self::assertSame(['New roofs', 'Chimneys'], Bench::values($brief, FactKind::Offering));
        self::assertSame(['Home', 'Roofs', 'Contact'], Bench::values($brief, FactKind::PageRequest));
    }

    public function testSemicolonsTabsAndAnswersOfSeveralLines(): void
    {
        self::assertSame("Name: Pell\nTown: Thirlby\nTone: calm\nPages: Home\nWho: \"all\"\n", FormTable::toText("Name;Town;Tone;Pages;Who\nPell;Thirlby;calm;Home;\"\"\"all\"\"\"\n"));
        self::assertSame("Name: Pell\nTown: Thirlby\nTone: calm\nand kind\nPages: Home\nWho: all\n", FormTable::toText("Name\tTown\tTone\tPages\tWho\nPell\tThirlby\t\"calm\nand kind\"\tHome\tall"));
    }

    /** @return iterable<string, array{string}> */
    public static function others(): iterable
    {
        yield 'a letter' => ["Hi, we do roofs, gutters, chimneys, leadwork.\n\nThanks"];
        yield 'a list of pages' => ["Home, About, Roofs, Gutters, Contact\nNo blog"];
        yield 'a table of many rows' => ["a,b,c,d,e\n1,2,3,4,5\n1,2,3,4,5\n1,2,3,4,5\n1,2,3,4,5"];
        yield 'questions down, answers beside' => ["\"Which pages?\",\"Home, Roofs\"\n\"Tone?\",calm"];
        yield 'sentences' => ["We do roofs, gutters, leadwork, chimneys. We came, saw, left.\nOne, two, three, four. Five, six, seven."];
    }

    #[DataProvider('others')]
    public function testEverythingElseIsRead(string $text): void
    {
        self::assertFalse(FormTable::looksLike($text));
    }
}

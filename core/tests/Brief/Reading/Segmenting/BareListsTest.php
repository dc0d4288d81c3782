<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Segmenting;

use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Role;
use DunePocket\Brief\Reading\Segmenting\BareLists;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BareListsTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> a text, and its lines that are listed */
    public static function texts(): iterable
    {
        yield 'three short lines' => ["We do\n\nhedge laying\ngates\ndry stone walls", ['hedge laying', 'gates', 'dry stone walls']];
        yield 'two are no list' => ["hedge laying\ngates", []];
        yield 'sentences are none' => ["We lay hedges.\nWe hang gates.\nWe build walls.", []];
        yield 'lines with marks are listed by their marks' => ["- hedge laying\n- gates\n- walls", []];
        yield 'labels are none' => ["Name: Ashen Row\nTown: Pell\nTone: dry", []];
        yield 'a greeting is none' => ["Hello Kay\ngates\nwalls", []];
        yield 'pages, though they are labels elsewhere' => ["Pages\nHome\nPrices\nContact", ['Home', 'Prices', 'Contact']];
        yield 'an offering with a word for something else' => ["What we offer\nfeasibility studies\ncosts\nsite visits", ['feasibility studies', 'costs', 'site visits']];
        yield 'a thing called like what asks for something' => ["Domestic scaffolding\nEdge protection\nTower hire", ['Domestic scaffolding', 'Edge protection', 'Tower hire']];
        yield 'a heading after a gap ends it' => ["Pages\nHome\nPrices\nContact\n\nTone of voice\ncalm", ['Home', 'Prices', 'Contact']];
    }

    /** @param list<string> $listed */
    #[DataProvider('texts')]
    public function testShortLinesInARowAreAList(string $text, array $listed): void
    {
        $lines = array_map(static fn (string $line): Line => new Line(0, $line), explode("\n", $text));
        self::assertSame($listed, array_map(static fn (int $i): string => $lines[$i]->text, array_keys((new BareLists(Bench::catalogue()->cues()))->lines($lines))));
    }

    public function testUnderAQuestionOfTheDesignersMoreMayBeListed(): void
    {
        $lines = [new Line(0, 'What services should we list?', 0, Role::Other), ...array_map(static fn (string $line): Line => new Line(0, $line), ['Feasibility studies', 'Costs', 'Site visits'])];
        self::assertSame([1, 2, 3], array_keys((new BareLists(Bench::catalogue()->cues()))->lines($lines)));
    }

    /** @return iterable<string, array{string, int}> a text, and how many of its lines name pages */
    public static function sites(): iterable
    {
        yield 'after home everything is a page' => ["Home\nSolar\nRewires\nCase studies - maybe four", 4];
        yield 'remarks in brackets' => ["Home\nEvents (with dates, people ask)\nUniform\nGet involved", 4];
        yield 'neither home nor many known' => ["Solar\nRewires\nPrices\nChargers", 0];
    }

    #[DataProvider('sites')]
    public function testABlockOfNamesIsASite(string $text, int $pages): void
    {
        self::assertCount($pages, (new BareLists(Bench::catalogue()->cues()))->pages(array_map(static fn (string $line): Line => new Line(0, $line), explode("\n", $text))));
    }

    public function testWhatTheDesignerListsIsNotTheClients(): void
    {
        $lines = array_map(static fn (string $line): Line => new Line(0, $line, 0, Role::Other), ['gates', 'walls', 'hedges']);
        self::assertSame([], (new BareLists(Bench::catalogue()->cues()))->lines($lines));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Project;

use DunePocket\Project\ProjectMaker;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ProjectMakerTest extends TestCase
{
    /** @return iterable<string, array{string, ?string, string}> */
    public static function names(): iterable
    {
        yield 'the name of the business' => ['We are Rope Walk Cycles, we mend bicycles.', null, 'Rope Walk Cycles'];
        yield 'the name given' => ['We are Rope Walk Cycles, we mend bicycles.', 'Cycles, second try', 'Cycles, second try'];
        yield 'what it is and where' => ['Website for my scaffolding firm in Dunmere please.', null, 'Scaffolding firm, Dunmere'];
        yield 'the title of the source' => ['Hello, can you make me a website?', null, 'Note'];
    }

    #[DataProvider('names')]
    public function testAProjectIsCalledBy(string $brief, ?string $given, string $expected): void
    {
        self::assertSame($expected, (new ProjectMaker(Bench::catalogue()))->read($brief, 'Note', $given)->name);
    }
}

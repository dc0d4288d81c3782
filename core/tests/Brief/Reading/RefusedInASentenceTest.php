<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading;

use DunePocket\Brief\FactKind;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The many ways to say no to something, and wishes that sound much like them; each sentence in a brief of its own. */
final class RefusedInASentenceTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>}> the sentence, and what it refuses */
    public static function sentences(): iterable
    {
        foreach (explode("\n", trim((string) file_get_contents(\dirname(__DIR__, 2).'/fixtures/refused-in-a-sentence.txt'))) as $line) {
            [$sentence, $refused] = [...explode(' ->', $line, 2), ''];
            yield $sentence => [$sentence, '' === trim($refused) ? [] : [trim($refused)]];
        }
    }

    /** @param list<string> $refused */
    #[DataProvider('sentences')]
    public function testWhatIsRefused(string $sentence, array $refused): void
    {
        $brief = Bench::read("We're Fernhill Joinery in Hexham. We make staircases, sash windows and kitchens.\n\n{$sentence}\n\nPages: Home, Work, About, Contact.\n");

        self::assertSame($refused, Bench::values($brief, FactKind::PageRefusal));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading;

use DunePocket\Brief\Reading\Corrector;
use DunePocket\Brief\Reading\Speller;
use DunePocket\Brief\Source;
use DunePocket\Brief\SourceKind;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CorrectorTest extends TestCase
{
    private static function read(string $text, SourceKind $kind = SourceKind::Text): string
    {
        $catalogue = Bench::catalogue();

        return (new Corrector(new Speller($catalogue->words(), $catalogue->properNames(), $catalogue->vocabulary())))->readable(new Source('s1', 'Brief', $kind, $text))->text;
    }

    /** @return iterable<string, array{string, string}> */
    public static function slips(): iterable
    {
        yield 'letters swapped' => ['we want a freindly site', 'we want a friendly site'];
        yield 'a letter missing' => ['a galery of our work', 'a gallery of our work'];
        yield 'a letter too many' => ['our webbsite', 'our website'];
        yield 'behind a trade' => ['business acounts', 'business accounts'];
        yield 'first word' => ['Freindly please.', 'Friendly please.'];
    }

    #[DataProvider('slips')]
    public function testTypingErrorsArePutRight(string $written, string $meant): void
    {
        self::assertSame($meant, self::read($written));
    }

    /** @return iterable<string, array{string}> */
    public static function keepers(): iterable
    {
        yield 'a name' => ['Gallary Lane is where we are'];
        yield 'an address of e-mail' => ['write to freindly@galery.example'];
        yield 'an address of a site' => ['see www.galery.example/freindly'];
        yield 'a name in small letters' => ['its for my salon kaya brows'];
        yield 'American spelling' => ['our favorite color'];
        yield 'British spelling' => ['our favourite colour'];
    }

    #[DataProvider('keepers')]
    public function testWhatIsNoErrorStays(string $text): void
    {
        self::assertSame($text, self::read($text));
    }

    public function testFillersAreDroppedFromSpeech(): void
    {
        self::assertSame('Client: six at most', self::read('Client: um, six at most', SourceKind::Call));
        self::assertSame('then in the holidays there\'s the crash courses', self::read('then in the holidays there\'s the, er, the crash courses', SourceKind::Call));
        self::assertSame('Then, six at most', self::read('Then, erm, six at most'));
        self::assertSame('We sort of mend boats', self::read('We sort of mend boats'), 'in writing only sounds are dropped');
    }
}

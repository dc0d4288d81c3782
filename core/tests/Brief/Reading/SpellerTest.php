<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading;

use DunePocket\Brief\Reading\Speller;
use DunePocket\Brief\Reading\WordList;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SpellerTest extends TestCase
{
    /** @return iterable<string, array{string, ?string}> */
    public static function words(): iterable
    {
        yield 'two letters swapped' => ['qoute', 'quote'];
        yield 'a letter missing' => ['custmers', 'customers'];
        yield 'a wrong letter' => ['cleening', 'cleaning'];
        yield 'a letter not doubled' => ['cliping', 'clipping'];
        yield 'two slips in a long word' => ['apointmants', 'appointments'];
        yield 'a right word' => ['quote', null];
        yield 'British and American spelling' => ['colour', null];
        yield 'American and British spelling' => ['color', null];
        yield 'a contraction without its apostrophe' => ['dont', null];
        yield 'who does what, listed nowhere' => ['waxer', null];
        yield 'who does what, near a word of briefs' => ['repointers', null];
        yield 'said with -or' => ['radiaters', 'radiators'];
        yield 'a name in small letters' => ['megan', null];
        yield 'a country in small letters' => ['spain', null];
        yield 'a rare word stays' => ['petiscos', null];
        yield 'a word of the trade that no dictionary holds' => ['pilates', null];
    }

    #[DataProvider('words')]
    public function testTypingErrors(string $word, ?string $meant): void
    {
        self::assertSame($meant, (new Speller(Bench::catalogue()->words(), Bench::catalogue()->properNames(), Bench::catalogue()->vocabulary()))->correct($word));
    }

    public function testEveryWordOfTheListIsFoundInIt(): void
    {
        $list = Bench::catalogue()->words();
        $words = explode("\n", trim($list));
        self::assertGreaterThan(50_000, \count($words));
        foreach ($words as $i => $word) {
            if (0 === $i % 97) {
                self::assertTrue(WordList::holds($list, $word), $word);
                self::assertFalse(WordList::holds($list, $word.'qx'), $word.'qx');
            }
        }
    }
}

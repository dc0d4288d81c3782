<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Searching;

use DunePocket\Brief\Reading\Searching\NeededWords;
use DunePocket\Catalogue\CuePattern;
use DunePocket\Catalogue\Wordings;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NeededWordsTest extends TestCase
{
    /** @return iterable<string, array{string, list<list<string>>}> */
    public static function wordings(): iterable
    {
        yield 'words' => ['~\bdry stone\b~iu', [[' dry '], [' stone ']]];
        yield 'part of a word' => ['~hedg~iu', [['hedg']]];
        yield 'any of several' => ['~\b(?:not|never) blogs~iu', [['not', 'never'], [' blogs']]];
        yield 'a branch that needs nothing' => ['~(?:not|\d+) blogs~iu', [[' blogs']]];
        yield 'what may be missing' => ['~(?:very )?old barns?\b~iu', [['old '], [' barn']]];
        yield 'a last letter that may be missing' => ['~walls{0,2}~iu', [['wall']]];
        yield 'what comes once or more' => ['~(?:stone )+walls~iu', [['stone '], ['walls']]];
        yield 'what must not be there' => ['~(?!no )gates(?<!old gates)~iu', [['gates']]];
        yield 'what must follow' => ['~gates(?= please)~iu', [['gates'], [' please']]];
        yield 'a space that may be missing' => ['~farm ?yard~iu', [['farm'], ['yard']]];
        yield 'sets of letters' => ['~caf[eé]s [^()|]+ \p{Lu}+ shut~iu', [['caf'], [' shut']]];
        yield 'capitals' => ['~(?-i:Barn) OWLS~u', [['barn'], [' owls']]];
        yield 'a named group' => ['~for (?<names>lambs|goats) only~iu', [['for '], ['lambs', 'goats'], [' only']]];
        yield 'either of two wordings' => ['~shears|\bclip fleeces~iu', [['shears', ' fleeces']]];
        yield 'nothing certain' => ['~^(?:a|b)? x+~iu', []];
    }

    /** @param list<list<string>> $needed */
    #[DataProvider('wordings')]
    public function testAWordingNeedsItsLetters(string $pattern, array $needed): void
    {
        self::assertSame($needed, NeededWords::of($pattern));
    }

    /** Of every wording in the catalogue: no sentence in which it stands lacks what it is said to need. */
    public function testNoSentenceWithAWordingIsPassedOver(): void
    {
        $sentences = [];
        foreach (Bench::labelledBriefs(every: 4) as $file) {
            array_push($sentences, ...preg_split('/(?<=[.!?])\s|\n/u', (string) file_get_contents($file)) ?: []);
        }
        $words = array_map(static fn (string $sentence): string => ' '.trim(preg_replace('/[^\p{L}]+/u', ' ', mb_strtolower($sentence)) ?? '').' ', $sentences);
        $cues = Bench::catalogue()->cues();
        $patterns = [
            ...array_map(static fn (CuePattern $pattern): string => $pattern->find, $cues->patterns),
            ...array_column($cues->refusals, 0),
            ...array_merge(...array_values(array_map(static fn (Wordings $wordings): array => $wordings->few, $cues->features))),
            ...array_merge(...array_values($cues->goals)),
        ];
        $passedOver = [];
        foreach ($patterns as $pattern) {
            foreach (array_keys(preg_grep($pattern, $sentences) ?: []) as $number) {
                foreach (NeededWords::of($pattern) as $any) {
                    if ([] === array_filter($any, static fn (string $letters): bool => str_contains($words[$number], $letters))) {
                        $passedOver[] = $pattern.' needs '.implode('|', $any).' in '.$sentences[$number];
                    }
                }
            }
        }
        self::assertSame([], $passedOver);
    }
}

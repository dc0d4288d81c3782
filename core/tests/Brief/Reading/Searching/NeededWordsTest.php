<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief\Reading\Searching;

use DunePocket\Brief\Reading\Searching\AllNeeded;
use DunePocket\Brief\Reading\Searching\AnyNeeded;
use DunePocket\Brief\Reading\Searching\Need;
use DunePocket\Brief\Reading\Searching\NeededLetters;
use DunePocket\Brief\Reading\Searching\NeededWords;
use DunePocket\Brief\Reading\Searching\WordIndex;
use DunePocket\Catalogue\CuePattern;
use DunePocket\Catalogue\RefusalWording;
use DunePocket\Catalogue\Wordings;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NeededWordsTest extends TestCase
{
    /** @return iterable<string, array{string, string}> what is needed, "&" and "|" between */
    public static function wordings(): iterable
    {
        yield 'words' => ['~\bdry stone\b~iu', '[ dry ]&[ stone ]'];
        yield 'part of a word' => ['~hedg~iu', '[hedg]'];
        yield 'any of several' => ['~\b(?:not|never) blogs~iu', '([not]|[never])&[ blogs]'];
        yield 'a branch that needs nothing' => ['~(?:not|\d+) blogs~iu', '[ blogs]'];
        yield 'what may be missing' => ['~(?:very )?old barns?\b~iu', '[old ]&[ barn]'];
        yield 'a last letter that may be missing' => ['~walls{0,2}~iu', '[wall]'];
        yield 'what comes once or more' => ['~(?:stone )+walls~iu', '[stone ]&[walls]'];
        yield 'what must not be there' => ['~(?!no )gates(?<!old gates)~iu', '[gates]'];
        yield 'what must follow' => ['~gates(?= please)~iu', '[gates]&[ please]'];
        yield 'a space that may be missing' => ['~farm ?yard~iu', '[farm]&[yard]'];
        yield 'sets of letters' => ['~caf[eé]s [^()|]+ \p{Lu}+ shut~iu', '[caf]&[ shut]'];
        yield 'capitals' => ['~(?-i:Barn) OWLS~u', '[barn]&[ owls]'];
        yield 'a named group' => ['~for (?<names>lambs|goats) only~iu', '[for ]&([lambs]|[goats])&[ only]'];
        yield 'either of two wordings' => ['~shears|\bclip fleeces~iu', '([shears]|([ clip ]&[ fleeces]))'];
        yield 'groups within groups' => ['~(?:old (?:barn|shed)|new) doors~iu', '(([old ]&([barn]|[shed]))|[new])&[ doors]'];
        yield 'nothing certain' => ['~^(?:a|b)? x+~iu', ''];
    }

    #[DataProvider('wordings')]
    public function testAWordingNeedsItsLetters(string $pattern, string $needed): void
    {
        $need = NeededWords::of($pattern);
        self::assertSame($needed, $need instanceof AllNeeded ? implode('&', array_map(self::told(...), $need->needs)) : self::told($need));
    }

    private static function told(?Need $need): string
    {
        return match (true) {
            $need instanceof NeededLetters => '['.$need->letters.']',
            $need instanceof AllNeeded => '('.implode('&', array_map(self::told(...), $need->needs)).')',
            $need instanceof AnyNeeded => '('.implode('|', array_map(self::told(...), $need->needs)).')',
            default => '',
        };
    }

    /** Of every wording in the catalogue: no sentence in which it stands lacks what it is said to need. */
    public function testNoSentenceWithAWordingIsPassedOver(): void
    {
        $sentences = [];
        foreach (Bench::labelledBriefs(every: 4) as $file) {
            array_push($sentences, ...preg_split('/(?<=[.!?])\s|\n/u', (string) file_get_contents($file)) ?: []);
        }
        $index = new WordIndex($sentences);
        $cues = Bench::catalogue()->cues();
        $patterns = [
            ...array_map(static fn (CuePattern $pattern): string => $pattern->find, $cues->patterns),
            ...array_map(static fn (RefusalWording $wording): string => $wording->pattern, $cues->refusals),
            ...array_merge(...array_values(array_map(static fn (Wordings $wordings): array => $wordings->few, $cues->features))),
            ...array_merge(...array_values($cues->goals)),
        ];
        $passedOver = [];
        foreach ($patterns as $pattern) {
            $need = NeededWords::of($pattern);
            foreach (null === $need ? [] : array_diff(array_keys(preg_grep($pattern, $sentences) ?: []), $index->holding($need)) as $number) {
                $passedOver[] = $pattern.' in '.$sentences[$number];
            }
        }
        self::assertSame([], $passedOver);
    }
}

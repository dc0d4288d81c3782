<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\Reading\WordList;

/** What is to be seen of a few words and around them. */
final class SpanTraits
{
    private const AROUND = 5;
    private const CLOSE = 2;
    private const OPENS = '/["“‘\']\s*$/u';
    private const CLOSES = '/^\s*["”’\']/u';

    /** @var array<string, array{bool, bool}> by word: whether it is spelt right, and whether it is a proper name */
    private array $known = [];

    /**
     * @param string $words that are spelt right, as WordList takes them
     * @param string $names of places and people
     */
    public function __construct(private readonly string $words, private readonly string $names)
    {
    }

    /**
     * @param list<Word>                        $words  of the sentence
     * @param list<array{start: int, end: int}> $things that only websites have, in bytes from its start
     *
     * @return list<string> each once
     */
    public function of(string $sentence, array $words, int $first, int $last, array $things, SourceTraits $source): array
    {
        $text = substr($sentence, $words[$first]->start, $words[$last]->end() - $words[$first]->start);

        return array_values(array_unique([
            ...$this->within($words, $first, $last),
            ...$this->around($sentence, $words, $first, $last),
            ...$this->letters($sentence, $words, $first, $last, $source->hasCapitals),
            ...$this->ofThings($words[$first]->start, $words[$last]->end(), $things),
            ...$source->of($text),
        ]));
    }

    /**
     * @param list<Word> $words
     *
     * @return list<string>
     */
    private function within(array $words, int $first, int $last): array
    {
        $traits = ['words '.($last - $first + 1), 'first '.$words[$first]->stem, 'last '.$words[$last]->stem];
        $stems = [];
        $strange = $names = $small = 0;
        for ($i = $first; $i <= $last; ++$i) {
            $stems[] = $words[$i]->stem;
            $traits[] = 'in '.$words[$i]->stem;
            [$isKnown, $isName] = $this->known[$words[$i]->bare] ??= [WordList::holds($this->words, $words[$i]->bare), WordList::holds($this->names, $words[$i]->bare)];
            $strange += $isKnown ? 0 : 1;
            $names += $isName ? 1 : 0;
            $small += SmallWords::has($words[$i]->lower) ? 1 : 0;
        }

        return [...$traits, 'is '.implode(' ', $stems), 'strange '.min(2, $strange), 'names '.min(2, $names), 'small '.min(3, $small)];
    }

    /**
     * @param list<Word> $words
     *
     * @return list<string>
     */
    private function around(string $sentence, array $words, int $first, int $last): array
    {
        $traits = [];
        for ($away = 1; $away <= self::AROUND; ++$away) {
            foreach (['-' => $first - $away, '+' => $last + $away] as $side => $i) {
                if (isset($words[$i])) {
                    $traits[] = $side.' '.$words[$i]->lower;
                    if ($away <= self::CLOSE) {
                        $traits[] = $side.$away.' '.$words[$i]->lower;
                    }
                }
            }
        }
        $lower = static fn (int $i): string => $words[$i]->lower ?? '';
        $before = $first > 0 ? $words[$first - 1]->end() : 0;
        $gap = mb_substr(trim(substr($sentence, $before, $words[$first]->start - $before)), 0, 2);
        $after = $words[$last]->end();
        $next = isset($words[$last + 1]) ? $words[$last + 1]->start : \strlen($sentence);
        $end = mb_substr(trim(substr($sentence, $after, $next - $after)), 0, 2);
        [$gap, $end] = [$first > 0 ? $gap : '^'.$gap, isset($words[$last + 1]) ? $end : $end.'$'];

        return [
            ...$traits,
            '-12 '.$lower($first - 2).' '.$lower($first - 1),
            '-123 '.$lower($first - 3).' '.$lower($first - 2).' '.$lower($first - 1),
            '+12 '.$lower($last + 1).' '.$lower($last + 2),
            'from '.$gap,
            'to '.$end,
            'between '.$gap.' '.$end,
        ];
    }

    /**
     * @param list<Word> $words
     *
     * @return list<string>
     */
    private function letters(string $sentence, array $words, int $first, int $last, bool $hasCapitals): array
    {
        $capitals = $counted = 0;
        for ($i = $first; $i <= $last; ++$i) {
            if (!SmallWords::has($words[$i]->lower)) {
                ++$counted;
                $capitals += $words[$i]->isCapital ? 1 : 0;
            }
        }
        $text = substr($sentence, $words[$first]->start, $words[$last]->end() - $words[$first]->start);
        $how = 0 === $capitals ? 'none' : ($capitals === $counted ? 'all' : 'some');
        $where = $hasCapitals ? '' : ' in small letters';
        $traits = ['capitals '.$how.$where, ($words[$first]->isCapital ? 'first capital' : 'first small').$where];
        if ($hasCapitals) {
            array_push($traits, ...array_keys(array_filter([
                'capitals inside' => 'all' === $how && $first > 0,
                'capital after' => isset($words[$last + 1]) && $words[$last + 1]->isCapital && $words[$last + 1]->start === $words[$last]->end() + 1,
                'capital before' => $first > 1 && $words[$first - 1]->isCapital && $words[$first]->start === $words[$first - 1]->end() + 1,
            ])));
        }

        return [...$traits, ...array_keys(array_filter([
            'shouted' => mb_strlen($text) > 3 && mb_strtoupper($text) === $text,
            'and sign after' => ($words[$last + 1] ?? null)?->isAmpersand() ?? false,
            'and sign' => str_contains($text, '&'),
            'possessive' => $words[$first]->bare !== $words[$first]->lower || $words[$last]->bare !== $words[$last]->lower,
            'quoted' => 1 === preg_match(self::OPENS, substr($sentence, 0, $words[$first]->start)) && 1 === preg_match(self::CLOSES, substr($sentence, $words[$last]->end())),
        ]))];
    }

    /**
     * @param list<array{start: int, end: int}> $things
     *
     * @return list<string>
     */
    private function ofThings(int $start, int $end, array $things): array
    {
        $traits = [];
        foreach ($things as $thing) {
            if ($thing['start'] < $end && $start < $thing['end']) {
                $traits[] = 'touches a thing';
                if ($thing['start'] >= $start && $thing['end'] <= $end) {
                    $traits[] = $thing['start'] === $start && $thing['end'] === $end ? 'is a thing' : 'holds a thing';
                }
            }
        }

        return $traits;
    }
}

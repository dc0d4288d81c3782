<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\Reading\Sentence;

/** What is to be seen of a sentence: its words, each pair of them, how the sentence after it begins, where it stands. */
final class SentenceTraits
{
    private const MOST_WORDS = 40;
    private const OF_THE_NEXT = 4;
    private const OF_THE_LAST = 4;
    private const SHORT = 6;
    private const END = '/[?!:;](?=\s*$)/';
    private const LAST_NUMBER = 5;
    /** How far into the source, in bytes. */
    private const DISTANCES = [150, 400, 1000];

    /**
     * @param list<Word> $words
     * @param list<Word> $before of the sentence before it
     * @param list<Word> $next   of the sentence after it
     *
     * @return list<string> each once
     */
    public static function of(Sentence $sentence, int $number, array $words, array $before, array $next): array
    {
        $words = \array_slice($words, 0, self::MOST_WORDS + 1);
        $traits = ['#'.$sentence->block->topic, '@'.$sentence->block->kind->name, 'number '.min(self::LAST_NUMBER, $number)];
        $traits[] = 'distance '.\count(array_filter(self::DISTANCES, static fn (int $distance): bool => $sentence->start >= $distance));
        $traits[] = $sentence->isSpoken() ? 'spoken' : 'not spoken';
        if (null !== $sentence->block->agreed) {
            $traits[] = $sentence->block->agreed ? 'yes' : 'no';
        }
        foreach ($words as $i => $word) {
            $traits[] = 'has '.$word->stem;
            if (isset($words[$i + 1])) {
                $traits[] = 'has '.$word->lower.' '.$words[$i + 1]->lower;
            }
        }
        if (1 === preg_match(self::END, $sentence->text, $end)) {
            $traits[] = 'ends '.$end[0];
        }
        foreach (\array_slice($before, -self::OF_THE_LAST) as $word) {
            $traits[] = 'after '.$word->lower;
        }
        $traits[] = 'after of '.min(self::SHORT, \count($before));
        foreach ([$before, $next] as $beside) {
            if (\count($beside) <= self::SHORT) {
                foreach ($beside as $word) {
                    $traits[] = 'beside '.$word->stem;
                }
            }
        }
        foreach (\array_slice($next, 0, self::OF_THE_NEXT) as $word) {
            $traits[] = 'then '.$word->lower;
        }
        $traits[] = 'then '.($next[0]->lower ?? '').' '.($next[1]->lower ?? '');
        $traits[] = 'then of '.min(self::SHORT, \count($next));

        return array_values(array_unique($traits));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

/** What a sentence is made of, for weighing: its words, each pair of them, and how the sentence after it begins. */
final class SentenceWords
{
    private const WORD = '/[a-z]+(?:\'[a-z]+)?|[?!;:]/';
    private const MOST = 40;
    private const OF_THE_NEXT = 4;
    private const SHORT = 6;

    /** @return list<string> each once: "never", "never read", and behind a ">" what follows; "#goal" is the topic it stands under */
    public static function of(Sentence $sentence, ?Sentence $next): array
    {
        $words = \array_slice(self::words($sentence->text), 0, self::MOST);
        $following = self::words($next->text ?? '');
        $first = \array_slice($following, 0, self::OF_THE_NEXT);
        $mark = static fn (string $words): string => '>'.$words;

        return array_values(array_unique([
            ...$words,
            ...self::pairs($words),
            ...array_map($mark, $first),
            ...array_map($mark, self::pairs($first)),
            ...(\count($following) <= self::SHORT ? ['>'] : []),
            ...(null === $sentence->block->topic ? [] : ['#'.$sentence->block->topic]),
        ]));
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        preg_match_all(self::WORD, strtolower(str_replace('’', '\'', $text)), $words);

        return $words[0];
    }

    /**
     * @param list<string> $words
     *
     * @return list<string>
     */
    private static function pairs(array $words): array
    {
        return array_map(static fn (string $one, string $other): string => $one.' '.$other, \array_slice($words, 0, -1), \array_slice($words, 1));
    }
}

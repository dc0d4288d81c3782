<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

/** How much the words of a text speak for each of several things it may be about, as labelled briefs taught it. */
final readonly class Affinities
{
    private const WORD = '/[a-z]{3,}/';
    private const PLURAL = '/(?<=[a-z]{3})(?:ies|es|s)$/';

    /** @param string $weights for WordList: a word, and the things it speaks for, each with its weight behind a colon */
    public function __construct(private string $weights)
    {
    }

    /**
     * The words of a text that are weighed, without the ending of a plural, and each two that follow one another; each once.
     *
     * @return list<string>
     */
    public static function words(string $text): array
    {
        preg_match_all(self::WORD, strtolower($text), $found);
        $words = preg_replace(self::PLURAL, '', $found[0]);
        $pairs = array_map(static fn (string $word, string $next): string => $word.' '.$next, \array_slice($words, 0, -1), \array_slice($words, 1));

        return array_values(array_unique([...$words, ...$pairs]));
    }

    /** @return array<string, float> by thing: the sum of what the words speak for it */
    public function of(string $text): array
    {
        $sums = [];
        foreach (self::words($text) as $word) {
            $line = WordList::line($this->weights, $word) ?? '';
            foreach ('' === $line ? [] : explode(' ', $line) as $weighed) {
                [$thing, $weight] = explode(':', $weighed, 2) + [1 => '0'];
                $sums[$thing] = ($sums[$thing] ?? 0.0) + (float) $weight;
            }
        }

        return $sums;
    }
}

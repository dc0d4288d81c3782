<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

/**
 * Any of many wordings, sorted by their first letters: "(?:a(?:dults|thletes)|brides)". At each place of a text only
 * those are tried that begin with its letter, which makes the search several times faster.
 */
final readonly class Alternation
{
    /** A letter that stands for itself, and what comes after it. */
    private const FIRST_LETTER = '/^(\p{L})(?![?*+{])(.*)$/us';

    /**
     * @param list<string> $wordings regular expressions; where two match at the same place, the longer counts, as a rule
     *
     * @return string a group that captures nothing
     */
    public static function of(array $wordings): string
    {
        $byLetter = [];
        $others = [];
        foreach (array_unique($wordings) as $wording) {
            if (1 === preg_match(self::FIRST_LETTER, $wording, $m)) {
                $byLetter[mb_strtolower($m[1])][] = $m[2];
            } else {
                $others[] = $wording;
            }
        }
        usort($others, static fn (string $one, string $other): int => \strlen($other) <=> \strlen($one));
        $branches = [];
        foreach ($byLetter as $letter => $rests) {
            $branches[] = $letter.(1 === \count($rests) ? $rests[0] : self::of($rests));
        }

        return '(?:'.implode('|', [...$branches, ...$others]).')';
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

/**
 * Puts typing errors right: a word that no dictionary holds becomes the word of a brief that is one slip away (Damerau
 * 1964: a letter too many, too few, wrong, or two swapped), two for long words. Other words stay as they are: a rare
 * plant or a village is no typing error, and neither is a name in small letters.
 */
final class Speller
{
    private const SHORTEST = 4;
    private const SHORTEST_FOR_WRONG_LETTER = 6;
    private const SHORTEST_FOR_TWO_SLIPS = 8;
    private const ALPHABET = 'abcdefghijklmnopqrstuvwxyz';
    /** Contractions without their apostrophe are read as they are. */
    private const CONTRACTED = '/^(?:[a-z]{2,6}nt|(?:they|you|who)(?:re|ve|ll|d)|(?:we|i)(?:ve|ll)|(?:that|what|there|where|who|here|how|it|he|she|let|everyone|everybody|nobody)s)$/';

    /** What people cut short or make up as they speak is no typing error. */
    private const CUT_SHORT = ['mins', 'secs', 'mths', 'appts', 'meds', 'techy'];

    /** @var array<string, ?string> */
    private array $seen = [];

    /**
     * @param string              $words      all words that need no correction, sorted by bytes, a line break before and after each
     * @param string              $names      places, first names and the like in small letters, set down in the same way
     * @param array<string, bool> $vocabulary words that briefs are made of: true when a dictionary holds them and they may stand for others
     */
    public function __construct(
        private readonly string $words,
        private readonly string $names,
        private readonly array $vocabulary,
    ) {
    }

    /**
     * @param string $word in lower case
     *
     * @return ?string the word that was meant, null when the word is right or nothing is near
     */
    public function correct(string $word): ?string
    {
        if (!\array_key_exists($word, $this->seen)) {
            $right = \strlen($word) < self::SHORTEST || isset($this->vocabulary[$word]) || \in_array($word, self::CUT_SHORT, true) || 1 === preg_match(self::CONTRACTED, $word) || 1 !== preg_match('/^[a-z]+$/', $word) || WordList::holds($this->words, $word) || WordList::holds($this->names, $word) || $this->isDoer($word) || $this->isDoneAgain($word) || $this->isCompound($word);
            $this->seen[$word] = $right ? null : $this->nearest($word);
        }

        return $this->seen[$word];
    }

    /** "footcare", "batchmade": two known words in one. */
    private function isCompound(string $word): bool
    {
        for ($i = self::SHORTEST; $i <= \strlen($word) - self::SHORTEST; ++$i) {
            if (WordList::holds($this->words, substr($word, 0, $i)) && WordList::holds($this->words, substr($word, $i))) {
                return true;
            }
        }

        return false;
    }

    /** Who waxes and who repoints: made of a known word with -er, unless that is said with -or. */
    private function isDoer(string $word): bool
    {
        return 1 === preg_match('/^(.+)er(s?)$/', $word, $m)
            && (WordList::holds($this->words, $m[1]) || WordList::holds($this->words, $m[1].'e'))
            && !WordList::holds($this->words, $m[1].'or'.$m[2]);
    }

    /** "regassing", "colocation": a known word with something before it. */
    private function isDoneAgain(string $word): bool
    {
        return 1 === preg_match('/^(?:re|de|un|pre|co)(.{4,})$/', $word, $m) && WordList::holds($this->words, $m[1]);
    }

    private function nearest(string $word): ?string
    {
        $near = array_values(array_filter($this->oneSlipAway($word), $this->mayStandFor(...)));
        if ([] !== $near) {
            return $this->likeliest($word, $near);
        }
        $doubled = $this->oneLetterDoubled($word);
        if (null !== $doubled || \strlen($word) < self::SHORTEST_FOR_TWO_SLIPS) {
            return $doubled;
        }
        foreach ($this->vocabulary as $candidate => $standsForOthers) {
            if ($standsForOthers && $candidate[0] === $word[0] && abs(\strlen($candidate) - \strlen($word)) <= 1 && levenshtein($word, $candidate) <= 2) {
                $near[] = $candidate;
            }
        }

        return 1 === \count($near) ? $near[0] : null;
    }

    /** "cliping" is "clipping", whether briefs are full of the word or not. */
    private function oneLetterDoubled(string $word): ?string
    {
        for ($i = 1; $i < \strlen($word) - 1; ++$i) {
            $candidate = substr($word, 0, $i).$word[$i].substr($word, $i);
            if (\strlen($word) >= self::SHORTEST_FOR_WRONG_LETTER && WordList::holds($this->words, $candidate)) {
                return $candidate;
            }
        }

        return null;
    }

    private function mayStandFor(string $candidate): bool
    {
        return $this->vocabulary[$candidate] ?? false;
    }

    /**
     * The same letters in another order, or one of them doubled, are likelier than others.
     *
     * @param non-empty-list<string> $candidates
     */
    private function likeliest(string $word, array $candidates): string
    {
        $rank = static fn (string $candidate): array => [count_chars($candidate, 3) !== count_chars($word, 3), $candidate[0] !== $word[0], $candidate];
        usort($candidates, static fn (string $a, string $b): int => $rank($a) <=> $rank($b));

        return $candidates[0];
    }

    /** @return list<string> */
    private function oneSlipAway(string $word): array
    {
        $near = [];
        $length = \strlen($word);
        for ($i = 0; $i <= $length; ++$i) {
            [$head, $tail] = [substr($word, 0, $i), substr($word, $i)];
            if ('' !== $tail) {
                $near[] = $head.substr($tail, 1);
            }
            if (\strlen($tail) > 1) {
                $near[] = $head.$tail[1].$tail[0].substr($tail, 2);
            }
            foreach (str_split(self::ALPHABET) as $letter) {
                $near[] = $head.$letter.$tail;
                if ('' !== $tail && $length >= self::SHORTEST_FOR_WRONG_LETTER) {
                    $near[] = $head.$letter.substr($tail, 1);
                }
            }
        }

        return array_values(array_unique($near));
    }
}

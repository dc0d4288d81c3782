<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Offerings;

use DunePocket\Brief\Reading\WordList;

/** The noun that parts of an enumeration share: "legal and technical texts", "new books and second-hand ones". */
final readonly class SharedNoun
{
    private const ONE_WORD = '/^\s*(?<word>\p{L}+(?:-\p{L}+)*)\s*$/u';
    private const BEHIND_FIRST = '/^\s*\p{L}+(?:-\p{L}+)*(?<rest>(?:\s+\p{L}[\p{L}-]*){1,2})\s*$/u';
    private const ONES = '/^(?<own>(?!(?:loved|little|young|no|any|every|the|some)\s)[^"“”]*\p{L})\s+ones?\b/u';
    private const LAST_WORD = '/\s(?<word>\p{L}[\p{L}-]*)\W*$/u';

    /** @param string $adjectives as WordList takes them */
    public function __construct(private string $adjectives)
    {
    }

    /**
     * @param list<array{string, int}> $parts with their offsets in bytes
     *
     * @return list<array{string, int, string}> the same parts, each with what it leaves to another to say, a space before; '' where it says all itself
     */
    public function with(array $parts): array
    {
        $shared = [];
        foreach ($parts as $i => [$words, $at]) {
            $shared[] = match (true) {
                1 === preg_match(self::ONES, $words, $m) && 1 === preg_match(self::LAST_WORD, $parts[$i - 1][0] ?? '', $noun) => [$m['own'], $at, ' '.$noun['word']],
                $this->isAdjective($words) => [$words, $at, $this->nounBehind(\array_slice($parts, $i + 1))],
                default => [$words, $at, ''],
            };
        }

        return $shared;
    }

    /** "Private", which names nothing alone */
    public function isAdjective(string $words): bool
    {
        return 1 === preg_match(self::ONE_WORD, $words, $m) && $this->knows(mb_strtolower($m['word']));
    }

    /** @param list<array{string, int}> $parts */
    private function nounBehind(array $parts): string
    {
        foreach ($parts as [$words]) {
            if (!$this->isAdjective($words)) {
                return 1 === preg_match(self::BEHIND_FIRST, $words, $m) ? $m['rest'] : '';
            }
        }

        return '';
    }

    private function knows(string $word): bool
    {
        return WordList::holds($this->adjectives, $word) || (false !== ($second = strstr($word, '-')) && WordList::holds($this->adjectives, substr($second, 1)));
    }
}

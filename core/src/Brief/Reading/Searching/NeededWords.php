<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Searching;

/**
 * The letters a wording cannot do without: of "\b(?:not|never) (?:an? )?blog" they are "not" or "never", and "blog".
 * A sentence that lacks them need not be read. What cannot be told is left out, so that too little is asked for rather
 * than too much.
 */
final class NeededWords
{
    /** The pieces of a regular expression: a group opens or closes, letters, what stands between words, how often the piece before comes, anything else. */
    private const PIECES = '~(?<never>\(\?<?!)|(?<open>\((?:\?(?:<?=|<\w+>|>|[a-z-]*:))?)|(?<close>\))|(?<or>\|)|(?<letters>\p{L}+)|(?<often>[?*+][?+]?|\{\d+(?:,\d*)?\}[?+]?)|(?<edge>\\\\[bsd]|[\^$ ,;:\'’"/&@!-]|\\\\[^\p{L}\p{N}])|(?<other>\[(?:\\\\.|[^\]\\\\])(?:\\\\.|\[:\w+:\]|[^\]\\\\])*\]|\\\\[pP]\{\^?\w+\}|\\\\[xkog][{<]\w+[}>]|\\\\.|.)~us';
    /** A group, with the groups in it. */
    private const GROUP = '~\((?:[^()\[\\\\]++|\\\\.|\[(?:\\\\.|[^\]\\\\])(?:\\\\.|[^\]\\\\])*+\]|(?R))*+\)~us';
    /** A longer group, in bytes, stands for anything: taking it apart would take longer than it saves. */
    private const LONG = 600;
    /** Fewer letters stand in too many sentences. */
    private const SHORTEST = 3;
    /** More alternatives are as good as none. */
    private const MOST = 400;

    private int $at = 0;

    /** @param list<array<?string>> $pieces */
    private function __construct(private readonly array $pieces)
    {
    }

    /**
     * @param string $pattern a regular expression
     *
     * @return list<non-empty-list<string>> all of them are needed, of each any one; letters in lower case, with a space where a word begins or ends
     */
    public static function of(string $pattern): array
    {
        $bare = substr($pattern, 1, (int) strrpos($pattern, $pattern[0]) - 1);
        $short = preg_replace_callback(self::GROUP, static fn (array $group): string => \strlen($group[0]) > self::LONG ? '.' : $group[0], $bare) ?? $bare;
        preg_match_all(self::PIECES, $short, $pieces, \PREG_SET_ORDER | \PREG_UNMATCHED_AS_NULL);

        return (new self($pieces))->alternatives();
    }

    /** @return list<non-empty-list<string>> of the group that begins here, up to its end */
    private function alternatives(): array
    {
        $branches = [];
        do {
            [$needs, $goesOn] = $this->sequence();
            $branches[] = $needs;
        } while ($goesOn);
        if (1 === \count($branches)) {
            return $branches[0];
        }
        $any = [];
        foreach ($branches as $needs) {
            if ([] === $needs) {
                return [];
            }
            array_push($any, ...$this->mostTelling($needs));
        }

        return \count($any) > self::MOST ? [] : [array_values(array_unique($any))];
    }

    /** @return array{list<non-empty-list<string>>, bool} of a branch, and whether there is another */
    private function sequence(): array
    {
        $needs = [];
        $run = '';
        while (null !== $piece = $this->pieces[$this->at++] ?? null) {
            if (isset($piece['close']) || isset($piece['or'])) {
                break;
            }
            if (isset($piece['letters'])) {
                $run .= mb_strtolower($piece['letters']);
                $often = $this->often();
                if (null === $often) {
                    continue;
                }
                $needs[] = [$often ? $run : mb_substr($run, 0, -1)];
                $run = '';
                continue;
            }
            $isEdge = isset($piece['edge']);
            $inner = isset($piece['open']) || isset($piece['never']) ? $this->alternatives() : [];
            $isThere = $this->often() ?? true;
            $needs[] = [$run.($isEdge && $isThere ? ' ' : '')];
            $run = $isEdge && $isThere ? ' ' : '';
            if ($isThere && !isset($piece['never'])) {
                array_push($needs, ...$inner);
            }
        }
        $needs[] = [$run];

        return [array_values(array_filter($needs, $this->tells(...))), isset($piece['or'])];
    }

    /** Whether the piece before must be there, as a sign after it says; null where there is no such sign. */
    private function often(): ?bool
    {
        $sign = $this->pieces[$this->at]['often'] ?? null;
        if (null === $sign) {
            return null;
        }
        ++$this->at;

        return !\in_array($sign[0], ['?', '*'], true) && !str_starts_with($sign, '{0');
    }

    /** @param non-empty-list<string> $need */
    private function tells(array $need): bool
    {
        return min(array_map('strlen', $need)) >= self::SHORTEST && !\in_array('', array_map('trim', $need), true);
    }

    /**
     * @param non-empty-list<non-empty-list<string>> $needs
     *
     * @return non-empty-list<string> the one whose shortest letters are longest
     */
    private function mostTelling(array $needs): array
    {
        $best = $needs[0];
        foreach ($needs as $need) {
            $best = min(array_map('strlen', $need)) > min(array_map('strlen', $best)) ? $need : $best;
        }

        return $best;
    }
}

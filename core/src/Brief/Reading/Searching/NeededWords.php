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
    /** The pieces of a regular expression, each marked: what must not be there, a group opens or closes, another branch begins, letters, how often the piece before comes, what stands between words, anything else. */
    private const PIECES = '~\(\?<?!(*:never)|\((?:\?(?:<?=|<\w+>|>|[a-z-]*:))?(*:open)|\)(*:close)|\|(*:or)|\p{L}+(*:letters)|(?:[?*+][?+]?|\{\d+(?:,\d*)?\}[?+]?)(*:often)|(?:\\\\[bsd]|[\^$ ,;:\'’"/&@!-]|\\\\[^\p{L}\p{N}])(*:edge)|(?:\[(?:\\\\.|[^\]\\\\])(?:\\\\.|\[:\w+:\]|[^\]\\\\])*\]|\\\\[pP]\{\^?\w+\}|\\\\[xkog][{<]\w+[}>]|\\\\.|.)(*:other)~us';
    /** Fewer letters stand in too many sentences. */
    private const SHORTEST = 3;

    private int $at = 0;

    /**
     * @param list<string> $texts of the pieces
     * @param list<string> $marks
     */
    private function __construct(private readonly array $texts, private readonly array $marks)
    {
    }

    /**
     * @param string $pattern a regular expression
     *
     * @return ?Need null where nothing can be told
     */
    public static function of(string $pattern): ?Need
    {
        $bare = substr($pattern, 1, (int) strrpos($pattern, $pattern[0]) - 1);
        preg_match_all(self::PIECES, $bare, $pieces);

        return (new self($pieces[0], array_values((array) ($pieces['MARK'] ?? []))))->alternatives();
    }

    /** Of the group that begins here, up to its end. */
    private function alternatives(): ?Need
    {
        $branches = [];
        do {
            [$branches[], $goesOn] = $this->sequence();
        } while ($goesOn);
        $told = array_values(array_filter($branches));

        return match (true) {
            \count($told) < \count($branches), [] === $told => null,
            1 === \count($told) => $told[0],
            default => new AnyNeeded($told),
        };
    }

    /** @return array{?Need, bool} of a branch, and whether there is another */
    private function sequence(): array
    {
        $needs = [];
        $run = '';
        while (null !== $mark = $this->marks[$this->at] ?? null) {
            $text = $this->texts[$this->at++];
            if ('close' === $mark || 'or' === $mark) {
                break;
            }
            if ('letters' === $mark) {
                $run .= mb_strtolower($text);
                $often = $this->often();
                if (null !== $often) {
                    $needs[] = $this->letters($often ? $run : mb_substr($run, 0, -1));
                    $run = '';
                }
                continue;
            }
            $inner = 'open' === $mark || 'never' === $mark ? $this->alternatives() : null;
            $isThere = $this->often() ?? true;
            $edge = 'edge' === $mark && $isThere ? ' ' : '';
            $needs[] = $this->letters($run.$edge);
            $run = $edge;
            if ($isThere && 'never' !== $mark) {
                $needs[] = $inner;
            }
        }
        $needs[] = $this->letters($run);
        $needs = array_values(array_filter($needs));

        return [\count($needs) > 1 ? new AllNeeded($needs) : $needs[0] ?? null, 'or' === $mark];
    }

    /** Whether the piece before must be there, as a sign after it says; null where there is no such sign. */
    private function often(): ?bool
    {
        if ('often' !== ($this->marks[$this->at] ?? null)) {
            return null;
        }
        $sign = $this->texts[$this->at++];

        return !\in_array($sign[0], ['?', '*'], true) && !str_starts_with($sign, '{0');
    }

    private function letters(string $run): ?NeededLetters
    {
        return \strlen($run) >= self::SHORTEST && '' !== trim($run) ? new NeededLetters($run) : null;
    }
}

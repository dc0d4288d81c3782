<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting;

use DunePocket\Brief\Reading\Line;

/** Lines of running text that was wrapped at a width, as mail and printed pages have it: none of them is an item of a list. */
final class WrappedLines
{
    private const FEWEST = 3;
    /** A wrapped line is nearly as long as the longest, and not short at all. */
    private const SHARE = 0.6;
    private const LONG = 36;
    /** So many of the lines go on in the middle of a sentence. */
    private const GOING_ON = 0.4;

    /**
     * @param list<Line> $lines
     *
     * @return array<int, true> by number of the line, from 0
     */
    public static function of(array $lines): array
    {
        $wrapped = [];
        $block = [];
        foreach ([...$lines, new Line(0, '')] as $i => $line) {
            if (!$line->isBlank()) {
                $block[$i] = trim($line->text);
                continue;
            }
            if (self::isWrapped(array_values($block))) {
                $wrapped += array_fill_keys(array_keys($block), true);
            }
            $block = [];
        }

        return $wrapped;
    }

    /** The text with a space instead of each end of line that goes on in the middle of a sentence; no place in it moves. */
    public static function joined(string $text): string
    {
        return self::areThoughts(explode("\n", $text)) ? $text : preg_replace('/(?<=[\p{L}\d,)\'’"”-])\n(?=\p{Ll})(?<=[^\n]{'.self::LONG.'}\n)/u', ' ', $text) ?? $text;
    }

    /**
     * Whether most lines end where the next word would still have had room: a new line is a new thought.
     *
     * @param list<string> $lines
     */
    public static function areThoughts(array $lines): bool
    {
        $longest = max(0, ...array_map(mb_strlen(...), $lines));
        $short = 0;
        foreach (\array_slice($lines, 0, -1) as $i => $line) {
            $next = preg_split('/\s/u', trim($lines[$i + 1]), 2)[0] ?? '';
            $short += mb_strlen(rtrim($line).' '.$next) < $longest && 1 !== preg_match('/,\s*$/', $line) ? 1 : 0;
        }

        return 2 * $short > \count($lines) - 1;
    }

    /** @param list<string> $block */
    private static function isWrapped(array $block): bool
    {
        if (\count($block) < self::FEWEST) {
            return false;
        }
        $longest = max(array_map(mb_strlen(...), $block));
        $full = array_filter(\array_slice($block, 0, -1), static fn (string $line): bool => mb_strlen($line) >= self::SHARE * $longest);
        $goingOn = array_filter(\array_slice($block, 1), static fn (string $line, int $i): bool => 1 === preg_match('/^\p{Ll}/u', $line) && 1 !== preg_match('/[.!?:;]$/', $block[$i]), \ARRAY_FILTER_USE_BOTH);

        return $longest >= self::LONG && \count($full) === \count($block) - 1 && \count($goingOn) >= self::GOING_ON * (\count($block) - 1);
    }
}

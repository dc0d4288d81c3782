<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

/** Looks words up in a long text of sorted lines, without taking it apart. */
final class WordList
{
    /** @param string $lines sorted by bytes, a line break before and after each word */
    public static function holds(string $lines, string $word): bool
    {
        return null !== self::line($lines, $word);
    }

    /**
     * What is said of a word.
     *
     * @param string $lines as above, with a tab between each word and what is said of it
     *
     * @return ?string '' when nothing is said of it, null when the list does not hold it
     */
    public static function line(string $lines, string $word): ?string
    {
        $low = 0;
        $high = \strlen($lines) - 1;
        while ($low < $high) {
            $start = (int) strrpos($lines, "\n", intdiv($low + $high, 2) - \strlen($lines)) + 1;
            $end = strpos($lines, "\n", $start);
            if (false === $end) {
                return null;
            }
            [$held, $said] = explode("\t", substr($lines, $start, $end - $start), 2) + [1 => ''];
            $order = strcmp($word, $held);
            if (0 === $order) {
                return $said;
            }
            if ($order < 0) {
                $high = $start - 1;
            } else {
                $low = $end;
            }
        }

        return null;
    }
}

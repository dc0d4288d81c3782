<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

/** Looks words up in a long text of sorted lines, without taking it apart. */
final class WordList
{
    /** @param string $lines sorted by bytes, a line break before and after each word */
    public static function holds(string $lines, string $word): bool
    {
        $low = 0;
        $high = \strlen($lines) - 1;
        while ($low < $high) {
            $start = (int) strrpos($lines, "\n", intdiv($low + $high, 2) - \strlen($lines)) + 1;
            $end = strpos($lines, "\n", $start);
            if (false === $end) {
                return false;
            }
            $order = strcmp($word, substr($lines, $start, $end - $start));
            if (0 === $order) {
                return true;
            }
            if ($order < 0) {
                $high = $start - 1;
            } else {
                $low = $end;
            }
        }

        return false;
    }
}

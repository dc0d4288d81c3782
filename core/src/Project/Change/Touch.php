<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

/** Decides whether two changes made at the same time get in each other's way. */
final class Touch
{
    /**
     * @param list<string> $mine
     * @param list<string> $theirs
     */
    public static function collide(array $mine, array $theirs): bool
    {
        if (\in_array('everything', $mine, true) || \in_array('everything', $theirs, true)) {
            return true;
        }
        foreach ($mine as $a) {
            foreach ($theirs as $b) {
                if ($a === $b || str_starts_with($a, $b.'/') || str_starts_with($b, $a.'/') || self::within($a, $b) || self::within($b, $a)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** A text stands within its section: "copy:p1s2/heading/" within "section:p1s2". */
    private static function within(string $inner, string $outer): bool
    {
        return (str_starts_with($outer, 'section:') && !str_contains($outer, '/') && (str_starts_with($inner, 'copy:'.substr($outer, 8).'/') || $inner === 'section-place:'.substr($outer, 8)))
            || (str_starts_with($outer, 'page:') && !str_contains($outer, '/') && $inner === 'place:'.substr($outer, 5));
    }
}

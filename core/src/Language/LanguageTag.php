<?php

declare(strict_types=1);

namespace DunePocket\Language;

/** Language tags as BCP 47 (RFC 5646) has them: whether one is well formed, and its conventional capitals. */
final class LanguageTag
{
    private const WELL_FORMED = '/^(?:(?<language>[a-z]{2,3}(?:-[a-z]{3}){0,3}|[a-z]{4,8})(?:-(?<script>[a-z]{4}))?(?:-(?<region>[a-z]{2}|\d{3}))?(?<variants>(?:-(?:[a-z\d]{5,8}|\d[a-z\d]{3}))*)(?<extensions>(?:-[a-wy-z\d](?:-[a-z\d]{2,8})+)*)(?:-x(?:-[a-z\d]{1,8})+)?|x(?:-[a-z\d]{1,8})+)$/i';

    /** @return ?string the tag with the capitals of RFC 5646, 2.1.1; null when it is not well formed */
    public static function canonical(string $tag): ?string
    {
        $tag = str_replace('_', '-', trim($tag));
        if (1 !== preg_match(self::WELL_FORMED, $tag, $m) || self::repeats($m['variants'] ?? '', '/[^-]+/') || self::repeats($m['extensions'] ?? '', '/(?<=-)[a-z\d](?=-)/i')) {
            return null;
        }
        $parts = explode('-', strtolower($tag));
        $afterSingleton = false;
        foreach ($parts as $i => $part) {
            if ($i > 0 && !$afterSingleton && 1 === preg_match('/^[a-z]{2}$/', $part)) {
                $parts[$i] = strtoupper($part);
            }
            if ($i > 0 && !$afterSingleton && 1 === preg_match('/^[a-z]{4}$/', $part)) {
                $parts[$i] = ucfirst($part);
            }
            $afterSingleton = $afterSingleton || 1 === \strlen($part);
        }

        return implode('-', $parts);
    }

    private static function repeats(string $subtags, string $pattern): bool
    {
        preg_match_all($pattern, strtolower($subtags), $found);

        return \count($found[0]) !== \count(array_unique($found[0]));
    }
}

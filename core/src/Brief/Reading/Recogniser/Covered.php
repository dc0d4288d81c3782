<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

/** Covers what stands in the way of reading a text, so that places in it stay the same. */
final class Covered
{
    private const BRACKETS = '/\([^)]*\)/u';

    /** The text with what matches the pattern replaced by as many other letters. */
    public static function by(string $letter, string $pattern, string $text, string $first = ''): string
    {
        preg_match_all($pattern, $text, $matches, \PREG_OFFSET_CAPTURE);
        foreach ($matches[0] as [$words, $offset]) {
            $text = substr_replace($text, str_pad($first, \strlen($words), $letter), (int) $offset, \strlen($words));
        }

        return $text;
    }

    public static function brackets(string $text): string
    {
        return self::by('x', self::BRACKETS, $text);
    }

    /** The text with its first bytes covered by spaces. */
    public static function lead(int $bytes, string $text): string
    {
        return str_repeat(' ', $bytes).substr($text, $bytes);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Measuring;

/** When a value that was read is what its label means. */
final class Likeness
{
    private const ENOUGH = 0.5;
    /** A name is the same with its article and its legal form. */
    private const LEGAL_FORM = '/^the\s+|,?\s+(?:ltd|limited|llp|llc|inc|plc|cic|gmbh)\.?$/u';
    private const SMALL_WORDS = ['the', 'and', 'for', 'our', 'page', 'pages', 'section', 'with', 'who', 'that', 'we', 'you', 'of', 'to', 'is', 'in', 'on', 'at', 'by', 'from', 'or', 'a', 'an'];

    /** "ponies", "boxes" and "horses", "quizzes", and "horse" with them */
    private const ENDINGS = ['/(?<=\p{L}{3})ies$/u', '/(?<=\p{L}{3})(?:(?<=[sxz]|ch|sh)es|(?<!s)s)$/u', '/(?<=z)z$/u', '/(?<=\p{L}{2}[sxz])e$/u'];
    private const INSTEAD = ['y', '', '', ''];

    /** The same letters, up to case, hyphens, an article and a legal form. */
    public static function sameText(string $label, string $value): bool
    {
        return self::bare($label) === self::bare($value);
    }

    /** The same words, up to articles, number and words like "page"; at least one. */
    public static function sameWords(string $label, string $value): bool
    {
        $expected = self::words($label);

        return [] !== $expected && $expected === self::words($value);
    }

    /** The same words, up to articles, number and words like "page"; or one within the other, at least half of it; or the same letters, "log in" and "login". */
    public static function sameThing(string $label, string $value): bool
    {
        $expected = self::words($label);
        $read = self::words($value);
        $shared = \count(array_intersect($expected, $read));

        return $expected === $read || self::letters($label) === self::letters($value) || ([] !== $expected && [] !== $read && $shared === min(\count($expected), \count($read)) && $shared >= self::ENOUGH * max(\count($expected), \count($read)));
    }

    /** At least half of the label's words stand in the value. */
    public static function shares(string $label, string $value): bool
    {
        $expected = self::words($label);

        return [] !== $expected && \count(array_intersect($expected, self::words($value))) >= self::ENOUGH * \count($expected);
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        $words = preg_split('/[^\p{L}\d]+/u', str_replace(['’', '\''], '', mb_strtolower($text)), -1, \PREG_SPLIT_NO_EMPTY) ?: [];
        $words = array_diff($words, self::SMALL_WORDS);

        return array_values(array_unique(array_map(static fn (string $word): string => preg_replace(self::ENDINGS, self::INSTEAD, $word) ?? $word, $words)));
    }

    private static function letters(string $text): string
    {
        return preg_replace('/[^\p{L}\d]+/u', '', mb_strtolower($text)) ?? $text;
    }

    private static function bare(string $text): string
    {
        $bare = trim(preg_replace('/[\s\-()]+/u', ' ', str_replace('’', '\'', mb_strtolower($text))) ?? $text, ' .');

        return preg_replace(self::LEGAL_FORM, '', $bare) ?? $bare;
    }
}

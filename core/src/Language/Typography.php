<?php

declare(strict_types=1);

namespace DunePocket\Language;

/** Small matters of writing. */
final class Typography
{
    private const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];
    private const KEEP_CAPITAL = '/^(?:[A-Z]{2}|[A-Z]\d|I\b|English|French|German|Spanish|Italian|Welsh|Scottish|Irish|British|Swedish|Thai|Indian|Japanese|Chinese|Greek|Christmas|Easter|Monday|Tuesday|Wednesday|Thursday|Friday|Saturday|Sunday|Pilates|Reiki|Victorian|Georgian|European|American|Italian|Turkish|Polish|Dutch|Mediterranean|[A-Z][\p{L}]+[\'’]s\b)/u';
    private const NAME = '/^\p{Lu}[\p{L}\'’-]*(?: (?:of|the|and|at|in|for|\p{Lu}[\p{L}\'’-]*))* \p{Lu}[\p{L}\'’-]*$/u';

    /** Without doubled stops and spaces, the first letter a capital. */
    public static function sentence(string $text): string
    {
        $text = preg_replace(['/(?<!\.)([.!?…])\s*\.(?!\.)/u', '/\s+/u', '/\s+([.,;:!?])/u', '/,\s*\./u'], ['$1', ' ', '$1', '.'], $text) ?? $text;
        $text = trim($text);

        return 1 === preg_match('/^\S+@\S+$/', $text) ? $text : self::capital($text);
    }

    public static function capital(string $text): string
    {
        return mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }

    /** With a small first letter, unless the first word always has a capital, or all of it is a name: "Night Mail". */
    public static function low(string $text): string
    {
        return 1 === preg_match(self::KEEP_CAPITAL, $text) || 1 === preg_match(self::NAME, $text) ? $text : mb_strtolower(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }

    /** @param list<string> $parts */
    public static function list(array $parts, string $word = 'and'): string
    {
        $last = array_pop($parts);

        return [] === $parts ? (string) $last : implode(', ', $parts)." $word $last";
    }

    public static function number(int $number): string
    {
        return self::NUMBERS[$number] ?? (string) $number;
    }

    public static function withArticle(string $noun): string
    {
        return (1 === preg_match('/^[aeiou]/i', $noun) && 1 !== preg_match('/^(?:uni|use|eu|one)/i', $noun) ? 'an ' : 'a ').$noun;
    }
}

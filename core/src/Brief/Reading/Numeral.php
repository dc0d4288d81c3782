<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

/** Numbers as people write them. */
final class Numeral
{
    private const WORDS = [
        'half a dozen' => 6, 'a dozen' => 12, 'a couple of' => 2, 'a handful of' => 5, 'a handful' => 5, 'one-pager' => 1, 'one pager' => 1, 'single' => 1,
        'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8,
        'nine' => 9, 'ten' => 10, 'eleven' => 11, 'twelve' => 12, 'fifteen' => 15, 'twenty' => 20,
    ];

    /**
     * A count or a range as the project file writes it: "six pages" is "6", "5 to 8 pages" is "5-8",
     * "no more than six" is "1-6". Null when there is no number, or none that can be a number of pages.
     */
    public static function range(string $text): ?string
    {
        preg_match_all('/\d{1,3}|half a dozen|a dozen|a couple of|a handful(?: of)?|one[- ]pager|\b(?:single|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|twenty)\b/i', $text, $m);
        $numbers = array_map(static fn (string $n): int => self::WORDS[strtolower($n)] ?? (int) $n, $m[0]);
        if ([] === $numbers || max($numbers) < 1 || max($numbers) > 300) {
            return null;
        }
        if (1 === preg_match('/\b(?:under|fewer than|less than|below)\b/i', $text) && max($numbers) > 1) {
            return '1-'.(max($numbers) - 1);
        }
        if (1 === preg_match('/(?:n[\'’]?t|\bnot|\bnever) (?:want|need|exceed|go over|like)|\b(?:no more|not more|not exceed(?:ing)?|at (?:the )?(?:very )?most|max|maximum|up to|tops|at the outside|or (?:fewer|less))\b/i', $text)) {
            return '1-'.max($numbers);
        }

        return \count($numbers) > 1 ? min($numbers).'-'.max($numbers) : (string) $numbers[0];
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Sources;

/**
 * Turns the answers of a form that was saved as a table, questions in the head and answers in the row below it
 * (comma-separated values by RFC 4180, or with semicolons or tabs), into lines of "Label: answer".
 */
final class FormTable
{
    private const FEWEST_COLUMNS = 5;
    /** The head, and as many who answered. */
    private const MOST_ROWS = 4;
    /** In bytes; what is longer is no form. */
    private const LONGEST = 500_000;
    private const SEPARATORS = [',', ';', "\t"];
    private const SENTENCE = '/[.!]\s+\p{Lu}/u';
    /** What the form's program adds. */
    private const OF_THE_PROGRAM = '/^(?:#|id|time ?stamp|status|ip(?: address)?|(?:response|submission|entry|user|network) (?:id|no\.?|number)|(?:submitted|started|completed)(?: (?:at|on))?|(?:start|completion|submission|submit|end) (?:time|date)(?: \(utc\))?|date(?: submitted)?)$/iu';

    public static function looksLike(string $text): bool
    {
        return [] !== self::rows($text);
    }

    /** @return string a line for each answer, an empty one between those who answered */
    public static function toText(string $text): string
    {
        $rows = self::rows($text);
        $head = array_shift($rows) ?? [];
        $told = array_map(static fn (array $row): string => implode("\n", array_merge([], ...array_map(
            static fn (string $label, string $answer): array => 1 === preg_match(self::OF_THE_PROGRAM, trim($label)) ? [] : FormData::told(trim($label), $answer),
            $head,
            $row,
        ))), $rows);

        return implode("\n\n", $told)."\n";
    }

    /** @return list<list<string>> the head and the rows below it; none where the text is no such table */
    private static function rows(string $text): array
    {
        if (\strlen($text) > self::LONGEST) {
            return [];
        }
        $first = strtok($text, "\n") ?: '';
        $separators = array_combine(self::SEPARATORS, array_map(static fn (string $separator): int => substr_count($first, $separator), self::SEPARATORS));
        arsort($separators);
        $rows = self::read($text, (string) array_key_first($separators));
        $columns = \count($rows[0] ?? []);
        $isTable = $columns >= self::FEWEST_COLUMNS
            && \count($rows) > 1
            && [] === array_filter($rows, static fn (array $row): bool => \count($row) !== $columns)
            && [] === array_filter($rows[0], static fn (string $label): bool => 1 !== preg_match('/\p{L}/u', $label) || 1 === preg_match(self::SENTENCE, $label));

        return $isTable ? $rows : [];
    }

    /** @return list<list<string>> none where there are more rows than a form has answers */
    private static function read(string $text, string $separator): array
    {
        $stream = fopen('php://memory', 'r+');
        if (false === $stream) {
            return [];
        }
        fwrite($stream, $text);
        rewind($stream);
        $rows = [];
        while (\count($rows) <= self::MOST_ROWS && \is_array($row = fgetcsv($stream, null, $separator, '"', ''))) {
            if ([null] !== $row) {
                $rows[] = array_map(strval(...), $row);
            }
        }
        fclose($stream);

        return \count($rows) > self::MOST_ROWS ? [] : $rows;
    }
}

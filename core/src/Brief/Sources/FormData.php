<?php

declare(strict_types=1);

namespace DunePocket\Brief\Sources;

use DunePocket\Brief\InvalidBrief;

/** Turns the answers of a form that was saved as data (JSON, RFC 8259) into lines of "Label: answer". */
final class FormData
{
    private const DEEPEST = 16;
    /** In bytes; what is longer is no form. */
    private const LONGEST = 500_000;
    /** What the label and the answer are called where each answer is an object of its own. */
    private const LABELS = ['question', 'label', 'field', 'name', 'title', 'key'];
    private const ANSWERS = ['answer', 'value', 'response', 'text', 'answers', 'values'];
    private const OWN_FORMAT = 'dune-pocket/project';

    public static function looksLike(string $text): bool
    {
        return \strlen($text) <= self::LONGEST && 1 === preg_match('/^\s*[{\[]\s*["{]/', $text) && \is_array(json_decode($text, true, self::DEEPEST));
    }

    /**
     * @return string a line for each answer, lists of short ones in one line; a heading for what holds several
     *
     * @throws InvalidBrief when nothing is answered in it, or it is a project of Dune Pocket's
     */
    public static function toText(string $json): string
    {
        $data = json_decode($json, true, self::DEEPEST);
        if (\is_array($data) && self::OWN_FORMAT === ($data['format'] ?? null)) {
            throw new InvalidBrief('This is a project file. Open it from the list of projects.');
        }
        $text = implode("\n", self::lines(\is_array($data) ? $data : []));
        if (1 !== preg_match('/\p{L}/u', $text)) {
            throw new InvalidBrief('There is no text in this file.');
        }

        return $text."\n";
    }

    /**
     * @param array<array-key, mixed> $data
     *
     * @return list<string>
     */
    private static function lines(array $data): array
    {
        $lines = [];
        foreach ($data as $key => $value) {
            $answered = \is_array($value) ? self::answered($value) : null;
            array_push($lines, ...match (true) {
                null !== $answered => self::told($answered[0], $answered[1]),
                \is_array($value) && !array_is_list($value), \is_array($value) && [] !== array_filter($value, is_array(...)) => [...\is_int($key) ? [''] : ['', self::label($key)], ...self::lines($value), ''],
                default => self::told(\is_int($key) ? '' : self::label($key), $value),
            });
        }

        return $lines;
    }

    /**
     * {"question": "Who is it for?", "answer": "Families"}.
     *
     * @param array<array-key, mixed> $value
     *
     * @return array{string, mixed}|null null where it is no such object
     */
    private static function answered(array $value): ?array
    {
        $keys = array_change_key_case($value);
        $labels = array_values(array_filter(array_map(static fn (string $key): mixed => $keys[$key] ?? null, self::LABELS), is_string(...)));
        $answers = array_values(array_filter(self::ANSWERS, static fn (string $key): bool => \array_key_exists($key, $keys)));

        return [] === $labels || [] === $answers ? null : [$labels[0], $keys[$answers[0]]];
    }

    /** @return list<string> the lines that a label and its answer make, a question above it or in one line with it */
    public static function told(string $label, mixed $value): array
    {
        $items = array_map(self::written(...), array_values(\is_array($value) ? $value : [$value]));
        $isRow = [] === array_filter($items, static fn (string $item): bool => 1 === preg_match('/[,\n]/', $item));
        $lead = match (true) {
            '' === $label => '',
            str_ends_with($label, '?') => $label."\n",
            default => $label.': ',
        };

        return $isRow || 1 === \count($items) ? [$lead.implode(', ', $items), ...str_ends_with($lead, "\n") ? [''] : []] : [rtrim($lead), ...array_map(static fn (string $item): string => '- '.$item, $items), ''];
    }

    private static function written(mixed $value): string
    {
        return match (true) {
            \is_bool($value) => $value ? 'yes' : 'no',
            \is_scalar($value) => trim((string) $value),
            \is_array($value) => implode(', ', array_map(self::written(...), $value)),
            default => '',
        };
    }

    /** "what_we_do", "whatWeDo": What we do. */
    private static function label(string $key): string
    {
        $words = preg_replace('/(?<=\p{Ll})(?=\p{Lu}\p{Ll})/u', ' ', strtr($key, '_', ' ')) ?? $key;

        return mb_strtoupper(mb_substr(trim($words), 0, 1)).mb_substr(str_contains($key, ' ') ? trim($words) : mb_strtolower(trim($words)), 1);
    }
}

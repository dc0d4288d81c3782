<?php

declare(strict_types=1);

namespace DunePocket\Brief\Sources;

use DunePocket\Brief\InvalidBrief;

/**
 * Turns the captions of a recorded call into lines of "minute:second Speaker: words".
 *
 * Reads WebVTT (W3C Recommendation, cue timings and voice tags) and SubRip, whose times have a comma.
 */
final class Captions
{
    private const TIMING = '/^(?:(\d{1,3}):)?(\d{1,2}):(\d{2})[.,]\d{1,3}\s*-->\s*(?:\d{1,3}:)?\d{1,2}:\d{2}[.,]\d{1,3}/';

    public static function looksLike(string $text): bool
    {
        return 1 === preg_match('/^\s*WEBVTT\b/', $text) || 1 === preg_match('/^\d{1,3}:\d{2}:\d{2}[.,]\d{3}\s+-->\s+\d/m', $text);
    }

    /**
     * @return string one line for each turn, captions of the same speaker that follow each other joined; a caption whose
     *                time cannot be read has that of the one before
     *
     * @throws InvalidBrief when there is no caption with a time that can be read
     */
    public static function toText(string $captions): string
    {
        /** @var list<array{string, string, string}> $turns */
        $turns = [];
        $time = null;
        foreach (preg_split('/\n{2,}/', trim($captions)) ?: [] as $block) {
            $lines = self::withoutHead($block);
            $time = self::timeIn($lines) ?? $time;
            foreach (self::spoken(self::afterTiming($lines)) as [$speaker, $words]) {
                $last = array_key_last($turns);
                if (null !== $last && $turns[$last][1] === $speaker && '' !== $speaker) {
                    $turns[$last] = [$turns[$last][0], $speaker, $turns[$last][2].' '.$words];
                } else {
                    $turns[] = [$time ?? '0:00', $speaker, $words];
                }
            }
        }
        if ([] === $turns || null === $time) {
            throw new InvalidBrief('There is no caption with a time in this file. Save the captions of the call as WebVTT or SRT.');
        }

        return implode("\n", array_map(static fn (array $turn): string => $turn[0].' '.('' === $turn[1] ? '' : $turn[1].': ').$turn[2], $turns))."\n";
    }

    /** @return list<string> the lines of a block, none when it holds no words that were spoken */
    private static function withoutHead(string $block): array
    {
        return 1 === preg_match('/^(?:WEBVTT|NOTE|STYLE|REGION)\b/', $block) ? [] : array_map(trim(...), explode("\n", $block));
    }

    /** @param list<string> $lines */
    private static function timeIn(array $lines): ?string
    {
        foreach ($lines as $line) {
            if (1 === preg_match(self::TIMING, $line, $m)) {
                return self::time((int) $m[1], (int) $m[2], (int) $m[3]);
            }
        }

        return null;
    }

    /**
     * @param list<string> $lines
     *
     * @return list<string> what stands below the line with the time; without one, below the number of the caption
     */
    private static function afterTiming(array $lines): array
    {
        foreach ($lines as $i => $line) {
            if (str_contains($line, '-->')) {
                return \array_slice($lines, $i + 1);
            }
        }

        return 1 === preg_match('/^\d+$/', $lines[0] ?? '') ? \array_slice($lines, 1) : $lines;
    }

    /**
     * @param list<string> $lines
     *
     * @return list<array{string, string}> speaker and words; captions without a speaker have an empty one
     */
    private static function spoken(array $lines): array
    {
        $text = trim(implode(' ', $lines));
        $turns = [];
        foreach (preg_split('/(?=<v[ .])|(?<=\S)\s+(?=-\s|(?:>>|&gt;&gt;)\s)/', $text, -1, \PREG_SPLIT_NO_EMPTY) ?: [] as $part) {
            $speaker = '';
            if (1 === preg_match('/^<v(?:\.[^ >]*)?\s+([^>]+)>/u', $part, $m)) {
                $speaker = trim($m[1]);
            }
            $words = trim(html_entity_decode(strip_tags($part), \ENT_QUOTES | \ENT_HTML5));
            $words = preg_replace('/^-\s+/', '', $words) ?? $words;
            if ('' === $speaker && 1 === preg_match('/^>*\s*([\p{Lu}][\p{L}.\'’-]*(?: [\p{Lu}][\p{L}.\'’-]*){0,2}):\s+(.*)$/u', $words, $m)) {
                [, $speaker, $words] = $m;
            }
            if ('' !== $words) {
                $turns[] = [$speaker, $words];
            }
        }

        return $turns;
    }

    private static function time(int $hours, int $minutes, int $seconds): string
    {
        return \sprintf('%d:%02d', 60 * $hours + $minutes, $seconds);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Copy;

use DunePocket\Catalogue\Line;

/** Picks the wording for a place: usable, free of avoided words, in the tone asked for, the same every time. */
final readonly class LinePicker
{
    /**
     * @param list<string> $tones      asked for
     * @param list<string> $avoidWords never to be used
     */
    public function __construct(
        private array $tones,
        private array $avoidWords,
        private int $seed = 0,
    ) {
    }

    /**
     * @param list<Line> $lines
     *
     * @return ?array{string, bool} the text, and whether it is a request to the client; null when no line is usable
     */
    public function pick(array $lines, Vocabulary $words, string $place = ''): ?array
    {
        $usable = [];
        foreach ($lines as $order => $line) {
            $text = $words->fill($line->text);
            if (null === $text || (!$line->isRequest() && $this->avoids($text))) {
                continue;
            }
            $usable[] = [$text, $line, $order];
        }
        if ([] === $usable) {
            return null;
        }
        $drafted = array_values(array_filter($usable, static fn (array $choice): bool => !$choice[1]->isRequest()));
        $inTone = array_values(array_filter($drafted, fn (array $choice): bool => [] !== array_intersect($choice[1]->tones, $this->tones)));
        $untagged = array_values(array_filter($drafted, static fn (array $choice): bool => [] === $choice[1]->tones));
        $group = [] !== $inTone ? $inTone : ([] !== $untagged ? $untagged : [$usable[0]]);
        $choice = $group[0 === $this->seed ? 0 : crc32($place.'#'.$this->seed) % \count($group)];

        return [$choice[0], $choice[1]->isRequest()];
    }

    /**
     * @param list<Line> $lines
     */
    public function text(array $lines, Vocabulary $words, string $default): string
    {
        return $this->pick($lines, $words)[0] ?? $default;
    }

    public function avoids(string $text): bool
    {
        foreach ($this->avoidWords as $word) {
            if (self::holds($text, $word)) {
                return true;
            }
        }

        return false;
    }

    public static function holds(string $text, string $word): bool
    {
        return '' !== trim($word) && 1 === preg_match('/(?<![\p{L}\d])'.preg_quote(trim($word), '/').'(?![\p{L}\d])/iu', $text);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Plan;

/** Finds the sections whose copy says a thing. Made once for a plan, then asked for many things. */
final class Mentions
{
    private const SHORTEST_WORD = 4;
    private const MOST_WORDS = 0.75;
    private const BETWEEN_WORDS = '/[^\p{L}\d£$€]+/u';

    /** @var array<string, array<string, true>>|null ids of sections by word, made when first asked for */
    private ?array $sections = null;

    /** @var array<string, array<string, true>> ids of sections by part of a word, as far as asked for */
    private array $found = [];

    /** @param array<string, string> $texts copy by section id, in lower case */
    public function __construct(private readonly array $texts)
    {
    }

    /** @return list<string> ids of the sections that say it, or at least three quarters of its longer words */
    public function of(string $value): array
    {
        $value = mb_strtolower($value);
        $words = array_values(array_unique(array_filter(self::words($value), static fn (string $word): bool => mb_strlen($word) >= self::SHORTEST_WORD)));
        $counts = [];
        foreach ($words as $word) {
            foreach ($this->sectionsWith($word) as $id => $_) {
                $counts[$id] = ($counts[$id] ?? 0) + 1;
            }
        }
        $enough = self::MOST_WORDS * \count($words);
        $candidates = [] === $words ? array_keys($this->texts) : array_keys($counts);

        return array_values(array_filter(
            $candidates,
            fn (string $id): bool => (\count($words) > 1 && $counts[$id] >= $enough) || str_contains($this->texts[$id], $value),
        ));
    }

    /** @return array<string, true> */
    private function sectionsWith(string $part): array
    {
        if (!isset($this->found[$part])) {
            $ids = [];
            foreach ($this->sections ??= $this->index() as $word => $sections) {
                if (str_contains((string) $word, $part)) {
                    $ids += $sections;
                }
            }
            $this->found[$part] = $ids;
        }

        return $this->found[$part];
    }

    /** @return array<string, array<string, true>> */
    private function index(): array
    {
        $sections = [];
        foreach ($this->texts as $id => $text) {
            foreach (self::words($text) as $word) {
                $sections[$word][$id] = true;
            }
        }

        return $sections;
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        return preg_split(self::BETWEEN_WORDS, $text, -1, \PREG_SPLIT_NO_EMPTY) ?: [];
    }
}

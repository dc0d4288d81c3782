<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

/** What is to be known of a whole source in order to judge a few words of it. */
final class SourceTraits
{
    private const ADDRESS = '~@([\w.-]+)|(?:www\.|https?://)([\w.-]+)|\b([a-z0-9-]+\.(?:co\.uk|com|org|net|example))~';
    private const SENTENCE_STARTS = '/(?:^|[.!?]\s+)(\p{L})/u';
    private const OTHER = '/[^a-z0-9]/';
    private const SHORTEST = 5;
    private const MOST_TIMES = 4;
    /** How often words stand in a source is counted so far; in bytes. */
    private const COUNTED = 20_000;

    public readonly bool $hasCapitals;
    private readonly string $lower;
    /** What stands in web and mail addresses, letters and digits alone, each on a line. */
    private readonly string $addresses;
    /** @var array<string, list<string>> by words, those looked at before */
    private array $known = [];

    public function __construct(string $text)
    {
        $lower = mb_strtolower($text);
        $this->lower = substr($lower, 0, self::COUNTED);
        preg_match_all(self::ADDRESS, $lower, $found, \PREG_SET_ORDER);
        $this->addresses = "\n".implode("\n", array_map(static fn (array $address): string => preg_replace(self::OTHER, '', (string) end($address)) ?? '', $found));
        preg_match_all(self::SENTENCE_STARTS, $text, $starts);
        $capitals = preg_grep('/\p{Lu}/u', $starts[1]) ?: [];
        $this->hasCapitals = 2 * \count($capitals) > \count($starts[1]);
    }

    /** @return list<string> */
    public function of(string $words): array
    {
        return $this->known[$words] ??= $this->seen($words, mb_strtolower($words));
    }

    /** @return list<string> */
    private function seen(string $words, string $lower): array
    {
        $traits = ['times '.min(self::MOST_TIMES, substr_count($this->lower, $lower))];
        $letters = preg_replace(self::OTHER, '', $lower) ?? '';
        if (\strlen($letters) < self::SHORTEST) {
            return $traits;
        }
        if (str_contains($this->addresses, $letters)) {
            $traits[] = 'address';
            $traits[] = 'address of '.(1 + substr_count($words, ' '));
        }
        if (str_contains($this->addresses, "\n".$letters)) {
            $traits[] = 'address starts';
        }

        return $traits;
    }
}

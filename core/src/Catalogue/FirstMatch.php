<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

/**
 * What the first of many patterns that matches stands for. Most texts match none, which a look with several at once
 * tells; the same few words are asked for again and again, so the last answers are kept.
 */
final class FirstMatch
{
    /** With more at once PCRE no longer skips to where one of them can begin. */
    private const AT_ONCE = 4;
    /** How many answers are kept at the most. */
    private const KEPT = 20_000;

    /** @var list<array{string, list<array{string, string}>}> a pattern for any of those that follow it */
    private readonly array $groups;

    /** @var array<string, ?string> the last answers */
    private array $known = [];

    /** @param list<array{string, string}> $patterns delimited by "~", with the modifiers "iu", and what each stands for */
    public function __construct(array $patterns)
    {
        $this->groups = array_map(
            static fn (array $group): array => ['~'.implode('|', array_map(static fn (array $pattern): string => '(?:'.substr($pattern[0], 1, -3).')', $group)).'~iu', $group],
            array_chunk($patterns, self::AT_ONCE),
        );
    }

    public function in(string $text): ?string
    {
        if (!\array_key_exists($text, $this->known)) {
            $this->known = \count($this->known) < self::KEPT ? $this->known : [];
            $this->known[$text] = $this->first($text);
        }

        return $this->known[$text];
    }

    private function first(string $text): ?string
    {
        foreach ($this->groups as [$any, $patterns]) {
            foreach (1 === preg_match($any, $text) ? $patterns : [] as [$pattern, $meaning]) {
                if (1 === preg_match($pattern, $text)) {
                    return $meaning;
                }
            }
        }

        return null;
    }
}

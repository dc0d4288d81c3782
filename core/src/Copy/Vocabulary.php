<?php

declare(strict_types=1);

namespace DunePocket\Copy;

use DunePocket\Language\Typography;

/** The words that can be put into a wording; what is not known is not in it. */
final readonly class Vocabulary
{
    /** @param array<string, string> $words */
    public function __construct(private array $words)
    {
    }

    /** @param array<string, ?string> $words null or "" for what is not known */
    public function with(array $words): self
    {
        $all = $this->words;
        foreach ($words as $key => $word) {
            if (null === $word || '' === $word) {
                unset($all[$key]);
            } else {
                $all[$key] = $word;
            }
        }

        return new self($all);
    }

    public function word(string $key): ?string
    {
        return $this->words[$key] ?? null;
    }

    /** The wording with every {word} filled in, or null when one of them is not known. */
    public function fill(string $wording): ?string
    {
        $known = true;
        $text = preg_replace_callback('/\{([a-z0-9_]+)\}/', function (array $m) use (&$known): string {
            $word = $this->words[$m[1]] ?? null;
            $known = $known && null !== $word;

            return $word ?? '';
        }, $wording) ?? $wording;
        if (!$known) {
            return null;
        }

        return Typography::sentence($text);
    }
}

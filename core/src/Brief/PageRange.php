<?php

declare(strict_types=1);

namespace DunePocket\Brief;

/** A wished number of pages. */
final readonly class PageRange
{
    public function __construct(
        public int $min,
        public int $max,
    ) {
    }

    /** Reads "6" or "5-8"; null when it is neither. */
    public static function fromString(string $text): ?self
    {
        if (1 !== preg_match('/^\s*(\d{1,3})(?:\s*-\s*(\d{1,3}))?\s*$/', $text, $m)) {
            return null;
        }
        $a = (int) $m[1];
        $b = (int) ($m[2] ?? $m[1]);

        return $a < 1 || $b < 1 ? null : new self(min($a, $b), max($a, $b));
    }

    public function __toString(): string
    {
        return $this->min === $this->max ? (string) $this->min : $this->min.'-'.$this->max;
    }
}

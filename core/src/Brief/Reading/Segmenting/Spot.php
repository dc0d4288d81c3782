<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting;

use DunePocket\Brief\Reading\Line;

/** A line of the client's where it stands. */
final readonly class Spot
{
    public string $bare;

    /**
     * @param int    $start      in bytes from the start of the readable text
     * @param bool   $afterBlank nothing stands in the line before
     * @param string $next       the client's line after it, trimmed; empty when there is none
     * @param bool   $atTop      nothing was said before
     * @param string $beyond     where an empty line follows, the client's line behind it, trimmed
     */
    public function __construct(
        public int $start,
        public string $text,
        public bool $afterBlank,
        public string $next,
        public bool $atTop,
        public string $beyond = '',
    ) {
        $this->bare = trim($text);
    }

    /** @param list<Line> $lines of the source */
    public static function of(array $lines, int $i, bool $atTop): self
    {
        $next = $lines[$i + 1] ?? null;
        $beyond = true === $next?->isBlank() ? $lines[$i + 2] ?? null : null;

        return new self(
            $lines[$i]->start,
            $lines[$i]->text,
            !isset($lines[$i - 1]) || $lines[$i - 1]->isBlank(),
            true === $next?->isClients() ? trim($next->text) : '',
            $atTop,
            true === $beyond?->isClients() ? trim($beyond->text) : '',
        );
    }
}

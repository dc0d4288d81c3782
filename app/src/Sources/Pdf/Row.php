<?php

declare(strict_types=1);

namespace DunePocket\App\Sources\Pdf;

/** What stands on one line of a page: one cell, or several where there are columns. */
final readonly class Row
{
    /** Of the height of a line: as much room above a row begins a paragraph. */
    private const PARAGRAPH = 0.65;

    /** @param non-empty-list<Line> $cells from left to right */
    public function __construct(public array $cells)
    {
    }

    /**
     * @param list<Line> $lines of a page, in any order
     *
     * @return list<self> from top to bottom
     */
    public static function ofPage(array $lines): array
    {
        usort($lines, static fn (Line $a, Line $b): int => $a->isBeside($b) ? $a->left <=> $b->left : $a->top <=> $b->top);
        $rows = [];
        foreach ($lines as $line) {
            $last = array_key_last($rows);
            $cells = null === $last ? [] : $rows[$last]->cells;
            $before = $cells[\count($cells) - 1] ?? null;
            if (null === $last || null === $before || !$line->isBeside($before)) {
                $rows[] = new self([$line]);
            } elseif ($line->follows($before)) {
                $rows[$last] = new self([...\array_slice($cells, 0, -1), $before->and($line)]);
            } else {
                $rows[$last] = new self([...$cells, $line]);
            }
        }

        return $rows;
    }

    public function head(): Line
    {
        return $this->cells[0];
    }

    public function hasColumns(): bool
    {
        return \count($this->cells) > 1;
    }

    public function bottom(): float
    {
        return max(array_map(static fn (Line $cell): float => $cell->bottom(), $this->cells));
    }

    public function isApartFrom(?self $above): bool
    {
        return null !== $above && $this->isBelow($above->bottom());
    }

    /** Whether there is so much room between it and what ends there that it begins something new. */
    public function isBelow(float $bottom): bool
    {
        return $this->head()->top - $bottom > self::PARAGRAPH * $this->head()->height;
    }
}

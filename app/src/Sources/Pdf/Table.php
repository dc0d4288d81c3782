<?php

declare(strict_types=1);

namespace DunePocket\App\Sources\Pdf;

/** Rows of a page that stand in columns, told record by record: what is wrapped inside a cell stays together. */
final class Table
{
    /** @var non-empty-list<array{float, float}> from where to where each column reaches */
    private array $columns;
    /** @var non-empty-list<Row> */
    private array $rows;

    /** @param non-empty-list<Line> $cells that tell where the columns are */
    private function __construct(Row $first, array $cells)
    {
        usort($cells, static fn (Line $a, Line $b): int => $a->left <=> $b->left);
        $this->columns = array_map(static fn (Line $cell): array => [$cell->left, $cell->right()], $cells);
        $this->rows = [$first];
    }

    /**
     * @param list<Row> $rows of a page
     *
     * @return ?self the table that begins with this row; null when none does
     */
    public static function at(int $number, array $rows): ?self
    {
        $row = $rows[$number];
        $next = $rows[$number + 1] ?? null;
        $isStaggered = null !== $next && $next->head()->top < $row->bottom() && !$next->head()->standsOver($row->head());
        if (!$row->hasColumns() && !$isStaggered) {
            return null;
        }
        $table = new self($row, $row->hasColumns() || null === $next ? $row->cells : [$row->head(), $next->head()]);
        while (isset($rows[++$number]) && $table->goesOn($rows[$number], $rows[$number + 1] ?? null)) {
            $table->add($rows[$number]);
        }

        return $table;
    }

    /** How many rows of the page it takes. */
    public function height(): int
    {
        return \count($this->rows);
    }

    public function toText(): string
    {
        $records = $this->records();
        $isGrid = [] === array_filter($records, static fn (array $record): bool => [] !== array_filter(array_diff_key($record, [0 => true]), static fn (array $lines): bool => \count($lines) > 1));

        return implode($isGrid ? "\n" : "\n\n", array_map($isGrid ? $this->asRow(...) : $this->asAnswer(...), $records))."\n";
    }

    /** A row belongs to it where each of its cells stands in one column; one of the first column alone only amid others. */
    private function goesOn(Row $row, ?Row $next): bool
    {
        foreach ($row->cells as $cell) {
            if (null === $this->column($cell)) {
                return false;
            }
        }

        return $row->hasColumns()
            || 0 !== $this->column($row->head())
            || !$row->isApartFrom($this->rows[\count($this->rows) - 1])
            || (null !== $next && !$next->isApartFrom($row) && ($next->hasColumns() || 0 < ($this->column($next->head()) ?? 0)));
    }

    private function add(Row $row): void
    {
        foreach ($row->cells as $cell) {
            $column = (int) $this->column($cell);
            $this->columns[$column] = [min($this->columns[$column][0], $cell->left), max($this->columns[$column][1], $cell->right())];
        }
        $this->rows[] = $row;
    }

    /** @return list<array<int, list<string>>> the lines of the cells of each record, by column; what has no first cell belongs to the record above */
    private function records(): array
    {
        $records = [];
        foreach ($this->pieces() as $piece) {
            $cells = [];
            foreach ($piece as $row) {
                foreach ($row->cells as $cell) {
                    $cells[(int) $this->column($cell)][] = $cell->text;
                }
            }
            $above = isset($cells[0]) ? [] : array_pop($records) ?? [];
            foreach ($cells as $column => $lines) {
                $above[$column] = [...$above[$column] ?? [], ...$lines];
            }
            ksort($above);
            $records[] = $above;
        }

        return $records;
    }

    /** @return list<non-empty-list<Row>> rows that belong together: set apart by the room above them, or where there is none by what they begin with */
    private function pieces(): array
    {
        $apart = $this->split(static fn (Row $row, float $bottom): bool => $row->isBelow($bottom));

        return \count($apart) > 1 ? $apart : $this->split(fn (Row $row): bool => $this->isRecord($row));
    }

    /**
     * @param callable(Row, float): bool $begins whether a piece begins with the row, below what ends there
     *
     * @return list<non-empty-list<Row>>
     */
    private function split(callable $begins): array
    {
        $pieces = [];
        $bottom = 0.0;
        foreach ($this->rows as $row) {
            if ([] === $pieces || $begins($row, $bottom)) {
                $pieces[] = [$row];
            } else {
                $pieces[\count($pieces) - 1][] = $row;
            }
            $bottom = max($bottom, $row->bottom());
        }

        return $pieces;
    }

    private function isRecord(Row $row): bool
    {
        return $row->hasColumns() && 0 === $this->column($row->head()) && 1 === preg_match('/^[^\p{Ll}]/u', $row->head()->text);
    }

    /** @param array<int, list<string>> $record */
    private function asRow(array $record): string
    {
        return '| '.implode(' | ', array_map(static fn (int $column): string => implode(' ', $record[$column] ?? []), array_keys($this->columns))).' |';
    }

    /** @param array<int, list<string>> $record */
    private function asAnswer(array $record): string
    {
        $asked = implode(' ', $record[0] ?? []);
        unset($record[0]);
        $answered = implode("\n", array_merge([], ...$record));

        return '' === $asked ? $answered : "**$asked**\n\n$answered";
    }

    /** The one column that the cell stands in; null when it stands in none, or reaches over several. */
    private function column(Line $cell): ?int
    {
        $over = array_keys(array_filter($this->columns, static fn (array $column): bool => $cell->reaches($column[0], $column[1])));

        return 1 === \count($over) ? $over[0] : null;
    }
}

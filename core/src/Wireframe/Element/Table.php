<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Element;

use DunePocket\Plan\CopyLine;

/** A table: a line of the text is a row, "|" stands between its cells, and the first row has the headings. */
final readonly class Table implements Element
{
    public function __construct(public CopyLine $line, public bool $onDark)
    {
    }

    /** @return list<list<string>> all rows equally long */
    public function rows(): array
    {
        $rows = array_map(static fn (string $row): array => array_map(trim(...), explode('|', trim($row, " |\t"))), explode("\n", trim($this->line->text)));
        $columns = max(array_map(\count(...), $rows));

        return array_map(static fn (array $row): array => array_pad($row, $columns, ''), $rows);
    }
}

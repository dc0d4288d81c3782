<?php

declare(strict_types=1);

namespace DunePocket\Revision;

/** One thing that differs between two states of a project, in a plain sentence. */
final readonly class Difference
{
    /** @param list<string> $where ids of the page and section it is about, as far as they are there in the later state */
    public function __construct(
        public DifferenceKind $kind,
        public string $text,
        public array $where = [],
        public ?string $before = null,
        public ?string $after = null,
    ) {
    }

    /** @return array{kind: string, text: string, where: list<string>, before: ?string, after: ?string} */
    public function toArray(): array
    {
        return ['kind' => $this->kind->value, 'text' => $this->text, 'where' => $this->where, 'before' => $this->before, 'after' => $this->after];
    }
}

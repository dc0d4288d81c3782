<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings;

/** Something about the plan that wants attention: where it is, and what to do. */
final readonly class Finding
{
    /** @param list<string> $where ids of pages and sections, the page first */
    public function __construct(
        public string $rule,
        public Level $level,
        public array $where,
        public string $text,
    ) {
    }

    /** @return array{rule: string, level: string, where: list<string>, text: string} */
    public function toArray(): array
    {
        return ['rule' => $this->rule, 'level' => $this->level->value, 'where' => $this->where, 'text' => $this->text];
    }
}

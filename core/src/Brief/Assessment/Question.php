<?php

declare(strict_types=1);

namespace DunePocket\Brief\Assessment;

use DunePocket\Brief\FactKind;

/** What the brief leaves open, with what an answer would change. */
final readonly class Question
{
    /** @param list<array{value: string, label: string}> $suggestions */
    public function __construct(
        public string $id,
        public FactKind $kind,
        public string $text,
        public string $ask,
        public string $hint,
        public string $effect,
        public int $points,
        public array $suggestions,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['id' => $this->id, 'kind' => $this->kind->value, 'text' => $this->text, 'ask' => $this->ask, 'hint' => $this->hint, 'effect' => $this->effect, 'points' => $this->points, 'suggestions' => $this->suggestions];
    }
}

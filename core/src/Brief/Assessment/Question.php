<?php

declare(strict_types=1);

namespace DunePocket\Brief\Assessment;

use DunePocket\Brief\FactKind;

/** What the brief leaves open, with what an answer would change. */
final readonly class Question
{
    /**
     * @param int                                       $points      what an answer adds to the score; 0 where it helps the job, or decides a single thing
     * @param list<array{value: string, label: string}> $suggestions
     * @param ?string                                   $fact        id of the fact that a yes confirms and a no strikes out, or the other way round
     */
    public function __construct(
        public string $id,
        public FactKind $kind,
        public string $text,
        public string $ask,
        public string $hint,
        public string $effect,
        public int $points,
        public array $suggestions,
        public ?string $fact = null,
    ) {
    }

    /** @param list<string> $skipped names of questions that were set aside */
    public function isAmong(array $skipped): bool
    {
        return \in_array(substr($this->id, \strlen('q-')), $skipped, true);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['id' => $this->id, 'kind' => $this->kind->value, 'text' => $this->text, 'ask' => $this->ask, 'hint' => $this->hint, 'effect' => $this->effect, 'points' => $this->points, 'suggestions' => $this->suggestions, 'fact' => $this->fact];
    }
}

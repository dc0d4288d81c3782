<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings;

/** Something about the plan that wants attention: where it is, why it matters, and what mends it. */
final readonly class Finding
{
    /**
     * @param list<string> $where  ids of pages and sections, the page first
     * @param string       $about  tells findings of one rule in one place apart
     * @param string       $why    one sentence on why it matters, from the catalogue
     * @param ?string      $remark of the designer who waved it through
     */
    public function __construct(
        public string $rule,
        public Level $level,
        public array $where,
        public string $text,
        public ?Mend $mend = null,
        public string $about = '',
        public string $why = '',
        public ?string $remark = null,
    ) {
    }

    /**
     * @param list<self> $findings
     *
     * @return list<self> errors first, then warnings, then notes; those waved through come last
     */
    public static function sorted(array $findings): array
    {
        $order = array_flip(array_map(static fn (Level $level): string => $level->value, Level::cases()));
        usort($findings, static fn (self $a, self $b): int => [null !== $a->remark, $order[$a->level->value]] <=> [null !== $b->remark, $order[$b->level->value]]);

        return $findings;
    }

    /** Stays the same as long as the same thing is wrong in the same place. */
    public function key(): string
    {
        return implode('|', array_filter([$this->rule, implode(',', $this->where), $this->about], static fn (string $part): bool => '' !== $part));
    }

    public function explained(string $why, ?string $remark): self
    {
        return new self($this->rule, $this->level, $this->where, $this->text, $this->mend, $this->about, $why, $remark);
    }

    /** @return array{rule: string, level: string, where: list<string>, text: string, why: string, key: string, mend: ?array{label: string, action: array<string, mixed>}, remark: ?string} */
    public function toArray(): array
    {
        return ['rule' => $this->rule, 'level' => $this->level->value, 'where' => $this->where, 'text' => $this->text, 'why' => $this->why, 'key' => $this->key(), 'mend' => $this->mend?->toArray(), 'remark' => $this->remark];
    }
}

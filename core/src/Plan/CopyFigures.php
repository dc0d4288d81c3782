<?php

declare(strict_types=1);

namespace DunePocket\Plan;

use DunePocket\Data\Node;

/** How much is written: lines of copy, those only the client can give, and the words of the others. */
final readonly class CopyFigures
{
    public function __construct(
        public int $lines = 0,
        public int $toSupply = 0,
        public int $words = 0,
    ) {
    }

    /** @param list<Section> $sections */
    public static function of(array $sections): self
    {
        $lines = array_merge([], ...array_map(static fn (Section $section): array => $section->copy, $sections));
        $written = array_filter($lines, static fn (CopyLine $line): bool => CopyStatus::ToSupply !== $line->status);

        return new self(\count($lines), \count($lines) - \count($written), array_sum(array_map(static fn (CopyLine $line): int => str_word_count($line->text), $written)));
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->int('lines'), $node->int('toSupply'), $node->int('words'));
    }

    public function plus(self $other): self
    {
        return new self($this->lines + $other->lines, $this->toSupply + $other->toSupply, $this->words + $other->words);
    }

    /** @return array{lines: int, toSupply: int, words: int} */
    public function toArray(): array
    {
        return ['lines' => $this->lines, 'toSupply' => $this->toSupply, 'words' => $this->words];
    }
}

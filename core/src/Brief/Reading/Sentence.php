<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

final readonly class Sentence
{
    /** @param int $start in bytes from the start of the source */
    public function __construct(
        public string $text,
        public int $start,
        public Block $block,
    ) {
    }

    public function isSpoken(): bool
    {
        return BlockKind::Signature !== $this->block->kind && 'competitor' !== $this->block->topic;
    }
}

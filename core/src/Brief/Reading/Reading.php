<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

/** A source taken apart into blocks and sentences. */
final readonly class Reading
{
    /**
     * @param list<Block>    $blocks
     * @param list<Sentence> $sentences
     */
    public function __construct(
        public ReadableText $text,
        public array $blocks,
        public array $sentences,
    ) {
    }
}

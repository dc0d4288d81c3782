<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Brief\Source;

/** A source taken apart into blocks and sentences. */
final readonly class Reading
{
    /**
     * @param list<Block>    $blocks
     * @param list<Sentence> $sentences
     */
    public function __construct(
        public Source $source,
        public array $blocks,
        public array $sentences,
    ) {
    }
}

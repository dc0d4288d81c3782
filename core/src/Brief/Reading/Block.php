<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

/** A stretch of a source that hangs together, with what it stands under. */
final readonly class Block
{
    /**
     * @param int     $start in bytes from the start of the source
     * @param ?string $topic what a heading, label or question asks for: the value of a fact kind, or "competitor"
     */
    public function __construct(
        public BlockKind $kind,
        public int $start,
        public string $text,
        public ?string $topic = null,
    ) {
    }
}

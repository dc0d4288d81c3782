<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

/** A stretch of a source that hangs together, with what it stands under. */
final readonly class Block
{
    /**
     * @param int     $start  in bytes from the start of the readable text
     * @param ?string $topic  what a heading, label or question asks for: the value of a fact kind, or "competitor"
     * @param int     $age    0 in the newest message of a thread, more in older ones
     * @param ?bool   $agreed for a question that the client answered with yes or no: which
     */
    public function __construct(
        public BlockKind $kind,
        public int $start,
        public string $text,
        public ?string $topic = null,
        public int $age = 0,
        public ?bool $agreed = null,
    ) {
    }
}

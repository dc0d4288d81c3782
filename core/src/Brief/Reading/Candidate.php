<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;

/** What a recogniser believes to have read, before the readings are weighed against each other. */
final readonly class Candidate
{
    /**
     * @param int                  $start  of the quote, in bytes from the start of the source
     * @param int                  $length of the quote, in bytes
     * @param array<string, mixed> $detail
     */
    public function __construct(
        public FactKind $kind,
        public string $value,
        public int $start,
        public int $length,
        public float $certainty,
        public Origin $origin = Origin::Stated,
        public array $detail = [],
    ) {
    }

    /** The same with so many bytes before its quote as part of it. */
    public function from(int $before): self
    {
        return new self($this->kind, $this->value, $this->start - $before, $this->length + $before, $this->certainty, $this->origin, $this->detail);
    }
}

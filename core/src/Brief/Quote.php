<?php

declare(strict_types=1);

namespace DunePocket\Brief;

use DunePocket\Data\Node;

/** A stretch of a source; start and length count Unicode characters. */
final readonly class Quote
{
    public function __construct(
        public string $source,
        public int $start,
        public int $length,
    ) {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->string('source'), $node->int('start'), $node->int('length'));
    }

    /** @return array{source: string, start: int, length: int} */
    public function toArray(): array
    {
        return ['source' => $this->source, 'start' => $this->start, 'length' => $this->length];
    }

    /** The quoted words, or null when the source is not the quoted one or is too short. */
    public function words(Source $source): ?string
    {
        if ($source->id !== $this->source || mb_strlen($source->text) < $this->start + $this->length) {
            return null;
        }

        return mb_substr($source->text, $this->start, $this->length);
    }
}

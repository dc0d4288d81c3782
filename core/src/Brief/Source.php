<?php

declare(strict_types=1);

namespace DunePocket\Brief;

use DunePocket\Data\Node;

/** One thing the client sent, kept as it was written. */
final readonly class Source
{
    public function __construct(
        public string $id,
        public string $title,
        public SourceKind $kind,
        public string $text,
    ) {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->string('id'), $node->string('title'), $node->enum('kind', SourceKind::class), $node->string('text'));
    }

    /** @return array{id: string, title: string, kind: string, text: string} */
    public function toArray(): array
    {
        return ['id' => $this->id, 'title' => $this->title, 'kind' => $this->kind->value, 'text' => $this->text];
    }
}

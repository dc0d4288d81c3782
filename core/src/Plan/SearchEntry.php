<?php

declare(strict_types=1);

namespace DunePocket\Plan;

use DunePocket\Data\Node;

/** How a page introduces itself in search results. */
final readonly class SearchEntry
{
    public function __construct(
        public string $title = '',
        public string $description = '',
        public string $keyphrase = '',
    ) {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->string('title', ''), $node->string('description', ''), $node->string('keyphrase', ''));
    }

    /** @return array{title: string, description: string, keyphrase: string} */
    public function toArray(): array
    {
        return ['title' => $this->title, 'description' => $this->description, 'keyphrase' => $this->keyphrase];
    }
}

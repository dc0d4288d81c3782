<?php

declare(strict_types=1);

namespace DunePocket\Plan\PresentSite;

use DunePocket\Data\Node;

/** What the designer decided about one page of the present website. */
final readonly class Decision
{
    /** @param ?string $page id of the planned page it goes to; null when it is dropped */
    public function __construct(public Fate $fate, public ?string $page)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->enum('fate', Fate::class), $node->optionalString('page'));
    }

    /** @return array{fate: string, page: ?string} */
    public function toArray(): array
    {
        return ['fate' => $this->fate->value, 'page' => $this->page];
    }
}

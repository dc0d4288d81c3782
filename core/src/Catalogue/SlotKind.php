<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Data\Node;

/** What the trade knows about one kind of slot. */
final readonly class SlotKind
{
    /**
     * @param string                $label    in words
     * @param ?array{int, int, int} $fits     lines it holds well at desktop, tablet and phone; null for what is no text
     * @param string                $needed   completes "Needed: …"
     * @param list<string>          $further  wordings for a section that has no copy for it
     * @param bool                  $optional whether a designer may hide it
     */
    public function __construct(
        public string $id,
        public string $label,
        public ?array $fits,
        public string $needed,
        public array $further,
        public bool $optional,
    ) {
    }

    public static function fromNode(string $id, Node $node): self
    {
        $fits = array_map(static fn (Node $lines): int => $lines->asInt(), $node->children('fits'));

        return new self(
            $id,
            $node->string('label'),
            [] === $fits ? null : [$fits[0], $fits[1], $fits[2]],
            $node->string('needed'),
            $node->strings('further'),
            $node->bool('optional', false),
        );
    }
}

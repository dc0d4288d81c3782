<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Data\Node;

/** How the slots of a section are worded. */
final readonly class Wording
{
    /**
     * @param array<string, list<Line>> $slots
     * @param ?string                   $from   where its items come from, null when it has none
     * @param array<string, list<Line>> $items
     * @param list<string>              $fields names of form fields, when the items are fields
     */
    private function __construct(
        public array $slots,
        public ?string $from,
        public int $most,
        public int $atLeast,
        public array $items,
        public array $fields,
    ) {
    }

    public static function fromNode(Node $node): self
    {
        $slots = [];
        foreach ($node->entries() as $slot => $lines) {
            if ('items' !== $slot) {
                $slots[$slot] = array_map(Line::fromNode(...), $lines->items());
            }
        }
        if (!$node->has('items')) {
            return new self($slots, null, 0, 0, [], []);
        }
        $items = $node->child('items');

        return new self(
            $slots,
            $items->string('from'),
            $items->int('max', 12),
            $items->int('atLeast', 0),
            array_map(static fn (Node $lines): array => array_map(Line::fromNode(...), $lines->items()), $items->map('slots')),
            $items->strings('fields'),
        );
    }
}

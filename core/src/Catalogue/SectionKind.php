<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Data\Node;

/** What the trade knows about one kind of section, and what it can carry. */
final readonly class SectionKind
{
    /**
     * @param bool                  $convinces it gives a visitor a reason to believe
     * @param list<string>          $apart     the kinds it should not stand beside
     * @param array<string, string> $slots     role by slot
     * @param array<string, string> $items     role by slot of each repeated item
     * @param bool                  $form      it collects data from visitors
     * @param bool                  $lead      it opens a page and carries the page's first heading
     * @param bool                  $frame     it stands around every page: header and footer
     */
    public function __construct(
        public string $id,
        public string $label,
        public string $for,
        public string $belongs,
        public string $not,
        public string $needs,
        public Stage $stage,
        public bool $convinces,
        public array $apart,
        public ?Destination $leads,
        public array $slots,
        public array $items,
        public bool $form,
        public bool $lead,
        public bool $frame,
    ) {
    }

    public static function fromNode(string $id, Node $node): self
    {
        $stage = $node->enum('stage', Stage::class);

        return new self(
            $id,
            $node->string('label'),
            $node->string('for'),
            $node->string('belongs'),
            $node->string('not'),
            $node->string('needs'),
            $stage,
            Stage::Proof === $stage || $node->bool('convinces', false),
            $node->has('apart') ? $node->strings('apart') : [],
            $node->has('leads') ? $node->enum('leads', Destination::class) : null,
            $node->stringMap('slots'),
            $node->stringMap('items'),
            $node->bool('form', false),
            $node->bool('lead', false),
            $node->bool('frame', false),
        );
    }

    /** Whether the two should not stand side by side, as they do the same work. */
    public function standsApartFrom(string $kind): bool
    {
        return \in_array($kind, $this->apart, true);
    }
}

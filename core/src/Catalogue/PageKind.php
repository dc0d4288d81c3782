<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Data\Node;

/** What the trade knows about one kind of page. */
final readonly class PageKind
{
    /**
     * @param ?string      $names      pattern of what clients call it, null when it is never asked for by a name of its own
     * @param string       $navigation main, footer or none
     * @param bool         $support    stands behind others and does not count against a wished number of pages
     * @param bool         $repeats    one design for many pages
     * @param list<string> $from       the kinds of page visitors come from, the likeliest first
     * @param ?Destination $leads      where its button leads; null when nothing is to be done there
     * @param int          $rank       what is given up first when there are too many pages; low goes first
     * @param ?string      $into       the page kind that takes it up then
     * @param list<string> $recipe     sections in reading order, with conditions
     */
    public function __construct(
        public string $id,
        public string $label,
        public string $title,
        public ?string $names,
        public string $for,
        public string $belongs,
        public string $not,
        public string $needs,
        public string $navigation,
        public bool $legal,
        public bool $support,
        public bool $repeats,
        public array $from,
        public ?Destination $leads,
        public int $rank,
        public ?string $into,
        public array $recipe,
    ) {
    }

    /** Whether it counts against a wished number of pages; legal pages and those that stand behind others do not. */
    public function counts(): bool
    {
        return !$this->support && !$this->legal;
    }

    /** Whether what is to be done here is done on the page itself, so that no call to action follows. */
    public function carriesItsForm(): bool
    {
        return Destination::Send === $this->leads;
    }

    public static function fromNode(string $id, Node $node): self
    {
        return new self(
            $id,
            $node->string('label'),
            $node->string('title'),
            '' === $node->string('names') ? null : '~^(?:'.$node->string('names').')$~iu',
            $node->string('for'),
            $node->string('belongs'),
            $node->string('not'),
            $node->string('needs'),
            $node->string('nav'),
            $node->bool('legal', false),
            $node->bool('support', false),
            $node->bool('repeats', false),
            $node->strings('from'),
            $node->has('leads') ? $node->enum('leads', Destination::class) : null,
            $node->int('rank'),
            $node->optionalString('into'),
            $node->strings('recipe'),
        );
    }
}

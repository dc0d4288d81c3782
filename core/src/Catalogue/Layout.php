<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Data\Node;

/** One of several ways to lay out a section: a small tree of rows, stacks and slots. */
final readonly class Layout
{
    /**
     * @param string               $media   where the picture is: start, end, below, none, or "" when it has no side
     * @param string               $weight  light, medium or heavy
     * @param string               $fill    paper, sand or dark
     * @param ?array{int, int}     $items   fewest and most items it suits
     * @param array{int, int, int} $padding above and below, at desktop, tablet and phone, in pixels
     * @param int                  $max     width of the content at most, in pixels
     * @param ?string              $rule    top or bottom
     * @param bool                 $full    at least as high as the first screen
     */
    public function __construct(
        public string $id,
        public string $section,
        public string $label,
        public string $media,
        public string $weight,
        public string $fill,
        public ?array $items,
        public array $padding,
        public int $max,
        public ?string $rule,
        public bool $full,
        public LayoutNode $tree,
    ) {
    }

    /** Whether it suits so many items; none are always well. */
    public function suits(int $items): bool
    {
        return null === $this->items || 0 === $items || ($items >= $this->items[0] && $items <= $this->items[1]);
    }

    public static function fromNode(string $id, Node $node): self
    {
        $items = $node->children('items');
        $padding = $node->children('pad');

        return new self(
            $id,
            explode('.', $id)[0],
            $node->string('label'),
            $node->string('media', ''),
            $node->string('weight'),
            $node->string('fill', 'paper'),
            [] === $items ? null : [$items[0]->asInt(), $items[1]->asInt()],
            [] === $padding ? [72, 56, 40] : [$padding[0]->asInt(), $padding[1]->asInt(), $padding[2]->asInt()],
            $node->int('max', 1120),
            $node->optionalString('rule'),
            $node->bool('full', false),
            LayoutNode::fromNode($node->child('tree')),
        );
    }
}

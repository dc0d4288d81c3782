<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;

/** A branch or a leaf of a layout. */
final readonly class LayoutNode
{
    private const BRANCHES = ['stack', 'row', 'inline', 'each', 'panel'];

    /**
     * @param string           $type     stack, row, inline, each, panel or slot
     * @param list<LayoutNode> $children
     * @param string           $slot     the slot of a leaf
     * @param list<string>     $styles   the styles of a leaf
     * @param list<int|null>   $columns  weights of a row's columns (null: as wide as the content), or how many items stand side by side at each width
     * @param int              $gap      between children, in pixels
     * @param string           $align    start, center or end
     * @param ?string          $fold     width at and below which a row becomes a stack: tablet or phone
     * @param ?string          $hide     width at and below which it is not shown
     * @param ?int             $width    at most, in pixels
     */
    private function __construct(
        public string $type,
        public array $children = [],
        public string $slot = '',
        public array $styles = [],
        public array $columns = [],
        public int $gap = 16,
        public string $align = 'start',
        public ?string $fold = null,
        public bool $reverse = false,
        public bool $rule = false,
        public bool $frame = false,
        public bool $flows = false,
        public ?string $hide = null,
        public string $fill = 'paper',
        public int $padding = 24,
        public ?int $width = null,
    ) {
    }

    public static function fromNode(Node $node): self
    {
        if (!$node->isArray()) {
            $parts = explode(' ', trim($node->asString()));

            return new self('slot', slot: (string) array_shift($parts), styles: $parts);
        }
        foreach (self::BRANCHES as $type) {
            if ($node->has($type)) {
                return self::branch($type, $node);
            }
        }

        throw new InvalidData('A layout branch must be one of '.implode(', ', self::BRANCHES).'.');
    }

    /** @return list<string> the slots shown in this branch, each once */
    public function slots(): array
    {
        if ('slot' === $this->type) {
            return [$this->slot];
        }

        return array_values(array_unique(array_merge([], ...array_map(static fn (self $child): array => $child->slots(), $this->children))));
    }

    private static function branch(string $type, Node $node): self
    {
        $columns = array_map(static fn (Node $column): ?int => 'auto' === $column->asString() ? null : $column->asInt(), $node->children('cols'));
        $flows = 'each' === $type && $node->bool('flow', false);

        return new self(
            $type,
            array_map(self::fromNode(...), $node->children($type)),
            columns: $columns,
            gap: $node->int('gap', 'each' === $type ? 24 : 16),
            align: $node->string('align', 'start'),
            fold: $node->optionalString('fold'),
            reverse: $node->bool('reverse', false),
            rule: $node->bool('rule', false),
            frame: $node->bool('frame', false),
            flows: $flows,
            hide: $node->optionalString('hide'),
            fill: $node->string('fill', 'paper'),
            padding: $node->int('pad', 24),
            width: $node->optionalInt('width'),
        );
    }
}

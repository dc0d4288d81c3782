<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;

/** A branch or a leaf of a layout. */
final readonly class LayoutNode
{
    private const BRANCHES = ['stack', 'row', 'inline', 'each', 'panel', 'over'];
    private const MEDIA = ['picture', 'video', 'map', 'frame'];

    /**
     * @param string           $type      stack, row, inline, each, panel, over or slot
     * @param list<LayoutNode> $children
     * @param string           $slot      the slot of a leaf
     * @param list<string>     $styles    the styles of a leaf
     * @param list<int|null>   $columns   weights of a row's columns (null: as wide as the content), or how many items stand side by side at each width
     * @param int              $gap       between children, in pixels
     * @param string           $align     start, center or end
     * @param ?string          $fold      width at and below which a row becomes a stack: tablet or phone
     * @param ?string          $hide      width at and below which it is not shown
     * @param ?int             $width     at most, in pixels
     * @param ?string          $rail      width at and below which the items stand in one row that scrolls sideways
     * @param list<int>        $pattern   how many items stand in each row, then anew
     * @param bool             $alternate every other item has its columns the other way round
     * @param list<LayoutNode> $first     the tree of the first item, when it differs
     * @param ?string          $words     where the texts of a centred stack begin, when not in its middle
     * @param list<int>        $height    at least, at desktop, tablet and phone, in pixels
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
        public ?string $rail = null,
        public array $pattern = [],
        public bool $alternate = false,
        public array $first = [],
        public string $across = 'start',
        public array $height = [],
        public ?string $words = null,
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

        return array_values(array_unique(array_merge([], ...array_map(static fn (self $child): array => $child->slots(), [...$this->children, ...$this->first]))));
    }

    /** What the slot of a leaf is, its number aside. */
    public function kind(): string
    {
        return preg_replace('/-\d+$/', '', $this->slot) ?? $this->slot;
    }

    public function isMedia(): bool
    {
        return 'slot' === $this->type ? \in_array($this->kind(), self::MEDIA, true) : 'stack' === $this->type && ($this->children[0] ?? null)?->isMedia() === true;
    }

    /** @return list<int> */
    private static function numbers(Node $node, string $key): array
    {
        return array_map(static fn (Node $number): int => $number->asInt(), $node->children($key));
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
            rail: $node->optionalString('rail'),
            pattern: self::numbers($node, 'pattern'),
            alternate: $node->bool('alternate', false),
            first: array_map(self::fromNode(...), $node->children('first')),
            across: $node->string('across', 'start'),
            height: self::numbers($node, 'height'),
            words: $node->optionalString('words'),
        );
    }
}

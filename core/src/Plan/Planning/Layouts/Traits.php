<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Layouts;

use DunePocket\Catalogue\Layout;
use DunePocket\Catalogue\LayoutNode;

/** What decides whether a layout suits a section and its neighbours, read off its tree. */
final readonly class Traits
{
    /**
     * @param list<string> $slots    it has a place for
     * @param int          $columns  in which its items stand on the desktop; 0 without items
     * @param bool         $framed   its items stand in frames
     * @param bool         $centred  its texts are centred
     * @param bool         $display  its heading is set very large
     * @param bool         $pictured it is made for a picture
     * @param bool         $towering on a phone the picture of each item takes the whole width
     * @param bool         $turns    its rows hold different numbers of items
     * @param string       $build    equal for layouts that look alike from afar
     */
    private function __construct(
        public array $slots,
        public int $columns,
        public bool $framed,
        public bool $centred,
        public bool $display,
        public bool $pictured,
        public bool $towering,
        public bool $turns,
        public string $build,
    ) {
    }

    public static function of(Layout $layout): self
    {
        $each = self::each($layout->tree);
        $columns = null === $each ? 0 : max(1, [] === $each->pattern ? $each->columns[0] ?? 1 : max($each->pattern));
        $inRows = null !== $each && 1 === \count($each->children) && 'row' === $each->children[0]->type;
        $pictures = null !== $each && [] !== array_filter($each->children, static fn (LayoutNode $node): bool => $node->isMedia());

        return new self(
            $layout->tree->slots(),
            $columns,
            null !== $each && $each->frame,
            'center' === $layout->tree->align && 'row' !== $layout->tree->type,
            self::hasStyle($layout->tree, 'display'),
            [] !== array_intersect($layout->tree->slots(), ['picture', 'video', 'map']) && 'items' !== $layout->media,
            $pictures && 1 === ($each->columns[2] ?? 1) && null === $each->rail,
            null !== $each && [] !== $each->pattern,
            implode('-', array_filter([$layout->tree->type, null === $each ? '' : ($inRows ? 'rows' : "columns$columns"), null !== $each && $each->frame ? 'framed' : '', 'items' === $layout->media ? 'pictures' : ''])),
        );
    }

    private static function each(LayoutNode $node): ?LayoutNode
    {
        if ('each' === $node->type && !$node->flows && 'item' !== ($node->children[0]->slot ?? '')) {
            return $node;
        }
        foreach ($node->children as $child) {
            $each = self::each($child);
            if (null !== $each) {
                return $each;
            }
        }

        return null;
    }

    private static function hasStyle(LayoutNode $node, string $style): bool
    {
        if (\in_array($style, $node->styles, true)) {
            return true;
        }
        foreach ($node->children as $child) {
            if (self::hasStyle($child, $style)) {
                return true;
            }
        }

        return false;
    }
}

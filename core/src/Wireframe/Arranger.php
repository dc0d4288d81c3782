<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

use DunePocket\Catalogue\Layout;
use DunePocket\Catalogue\LayoutNode;
use DunePocket\Plan\CopyLine;
use DunePocket\Plan\CopyStatus;
use DunePocket\Plan\Look;
use DunePocket\Plan\Section;
use DunePocket\Wireframe\Element\Align;
use DunePocket\Wireframe\Element\Button;
use DunePocket\Wireframe\Element\Columns;
use DunePocket\Wireframe\Element\Dress;
use DunePocket\Wireframe\Element\Element;
use DunePocket\Wireframe\Element\Field;
use DunePocket\Wireframe\Element\Logo;
use DunePocket\Wireframe\Element\Mark;
use DunePocket\Wireframe\Element\Overlay;
use DunePocket\Wireframe\Element\Panel;
use DunePocket\Wireframe\Element\Picture;
use DunePocket\Wireframe\Element\Rating;
use DunePocket\Wireframe\Element\Stack;
use DunePocket\Wireframe\Element\Table;
use DunePocket\Wireframe\Element\Tiles;
use DunePocket\Wireframe\Element\Words;
use DunePocket\Wireframe\Element\Wrap;

/** Lets the copy of a section take its places in a layout; what has no copy takes no room. */
final class Arranger
{
    private const ICON = 30;
    private const NUMBER = 34;
    private const BADGE = 40;

    private Look $look;

    /** @var array<string, array<int, CopyLine>> by slot and item; -1 outside of items */
    private array $lines = [];

    /** @var list<int> */
    private array $items = [];
    private int $item = -1;
    private bool $onDark = false;
    private bool $turned = false;

    public function __construct()
    {
        $this->look = new Look();
    }

    public function arrange(Section $section, Layout $layout): Arrangement
    {
        $this->read($section);
        $this->onDark = 'dark' === $layout->fill;
        $align = '' === $this->look->align ? Align::Start : Align::from($this->look->align);

        return new Arrangement($layout->fill, $layout->padding, $layout->max, $layout->rule, $this->look->full || $layout->full, $this->place($layout->tree, $align));
    }

    private function read(Section $section): void
    {
        $this->look = $section->look;
        $this->lines = [];
        $this->item = -1;
        $this->turned = false;
        $items = [];
        foreach ($section->copy as $line) {
            if (!$this->look->hides($line->slot)) {
                $this->lines[$line->slot][$line->item ?? -1] = $line;
            }
            if (null !== $line->item) {
                $items[$line->item] = true;
            }
        }
        ksort($items);
        $this->items = array_keys($items);
    }

    private function place(LayoutNode $node, Align $align): ?Element
    {
        return match ($node->type) {
            'stack' => $this->stack($node, $align),
            'row' => $this->row($node, $align),
            'inline' => $this->inline($node, $align),
            'each' => $this->each($node, $align),
            'panel' => $this->panel($node),
            'over' => $this->overlay($node),
            default => $this->leaf($node, $align),
        };
    }

    /**
     * @param list<LayoutNode> $nodes
     *
     * @return list<Element>
     */
    private function all(array $nodes, Align $align): array
    {
        return array_values(array_filter(array_map(fn (LayoutNode $node): ?Element => $this->place($node, $align), $this->ordered($nodes))));
    }

    /**
     * @param list<LayoutNode> $nodes
     *
     * @return list<LayoutNode> those whose slots the designer ordered have changed places among themselves
     */
    private function ordered(array $nodes): array
    {
        $wanted = array_flip($this->look->order);
        $places = array_keys(array_filter($nodes, static fn (LayoutNode $node): bool => isset($wanted[$node->slots()[0] ?? ''])));
        if (\count($places) < 2) {
            return $nodes;
        }
        $moving = array_map(static fn (int $place): LayoutNode => $nodes[$place], $places);
        usort($moving, static fn (LayoutNode $a, LayoutNode $b): int => $wanted[$a->slots()[0]] <=> $wanted[$b->slots()[0]]);

        return array_values(array_replace($nodes, array_combine($places, $moving)));
    }

    private function stack(LayoutNode $node, Align $align): ?Element
    {
        $align = $this->settled($node, $align);
        $children = $this->all($node->children, null === $node->words ? $align : Align::from($node->words));

        return [] === $children ? null : new Stack($children, $node->gap, $align, $node->width);
    }

    private function settled(LayoutNode $node, Align $align): Align
    {
        return '' !== $this->look->align || 'start' === $node->align ? $align : Align::from($node->align);
    }

    private function row(LayoutNode $node, Align $align): ?Element
    {
        $isMediaRow = -1 === $this->item && [] !== array_filter($node->children, static fn (LayoutNode $child): bool => $child->isMedia());
        $turned = $isMediaRow ? $this->look->flipped : ($this->item >= 0 && $this->turned);
        $children = [];
        foreach ($node->children as $i => $child) {
            $children[$i] = $this->place($child, Align::Start);
        }
        $shown = array_filter($children);
        if ([] === $shown) {
            return null;
        }
        if (-1 === $this->item) {
            if (1 === \count($shown)) {
                return $this->place($node->children[array_key_first($shown)], $align);
            }
            $children = $shown;
        }
        $columns = array_keys($children);
        $tracks = array_map(static fn (int $i): ?int => [] === $node->columns ? 1 : $node->columns[$i] ?? null, $columns);
        $order = array_keys($columns);
        $children = array_values($children);
        if ($turned) {
            $tracks = array_reverse($tracks);
            $order = array_reverse($order);
        }

        return new Columns(
            $node->reverse ? array_reverse($children) : $children,
            $tracks,
            $node->gap,
            Align::from($node->align),
            $node->fold,
            $node->reverse ? array_reverse($order) : $order,
        );
    }

    private function inline(LayoutNode $node, Align $align): ?Element
    {
        $children = $this->all($node->children, Align::Start);

        return [] === $children ? null : new Wrap($children, $node->gap, $this->settled($node, $align), onDark: $this->onDark);
    }

    private function each(LayoutNode $node, Align $align): ?Element
    {
        $slots = $node->slots();
        $items = array_values(array_filter($this->items, fn (int $item): bool => [] !== array_filter($slots, fn (string $slot): bool => isset($this->lines[$slot][$item]))));
        $stacks = [];
        $wasDark = $this->onDark;
        $this->onDark = $wasDark && !$node->frame;
        foreach ($items as $at => $this->item) {
            $this->turned = $node->alternate && 1 === $at % 2;
            $inside = $node->frame ? 12 : 10;
            $children = $this->all(0 === $at && [] !== $node->first && 0 === $this->look->columns ? $node->first : $node->children, $node->flows ? Align::Start : $align);
            if ([] !== $children) {
                $stacks[] = new Stack($children, $inside, $align);
            }
        }
        $this->item = -1;
        $this->turned = false;
        $this->onDark = $wasDark;
        if ([] === $stacks) {
            return null;
        }
        if ($node->flows) {
            return new Wrap(array_merge(...array_map(static fn (Stack $stack): array => $stack->children, $stacks)), $node->gap, 'start' === $node->align ? $align : Align::from($node->align), $node->hide, $this->onDark);
        }
        $columns = $this->columns($node);
        $dress = match (true) {
            $node->frame => Dress::Frame,
            $node->rule => Dress::Rule,
            default => Dress::Plain,
        };

        return new Tiles($stacks, $columns, 0 === $this->look->columns ? $node->pattern : [], $node->gap, $dress, $node->rail);
    }

    /** @return array{int, int, int} at desktop, tablet and phone; on smaller screens no more than the layout or half of what is wanted */
    private function columns(LayoutNode $node): array
    {
        $laidOut = [$node->columns[0] ?? 1, $node->columns[1] ?? 1, $node->columns[2] ?? 1];
        $wanted = $this->look->columns;

        return 0 === $wanted ? $laidOut : [$wanted, min($wanted, max($laidOut[1], (int) ceil($wanted / 2))), min($wanted, $laidOut[2])];
    }

    private function panel(LayoutNode $node): ?Element
    {
        $wasDark = $this->onDark;
        $this->onDark = 'dark' === $node->fill || ($wasDark && 'none' === $node->fill);
        $align = $this->settled($node, Align::Start);
        $children = $this->all($node->children, null === $node->words ? $align : Align::from($node->words));
        $this->onDark = $wasDark;

        return [] === $children ? null : new Panel(new Stack($children, $node->gap, $align, $node->width), $node->fill, $node->padding);
    }

    private function overlay(LayoutNode $node): ?Element
    {
        $ground = $this->place($node->children[0], Align::Start);
        $align = $this->settled($node, Align::Start);
        $content = $this->place($node->children[1], $align);
        if (!$ground instanceof Picture || null === $content) {
            return $content ?? $ground;
        }
        $along = $this->look->flipped ? match ($align) {
            Align::Start => Align::End,
            Align::Center => Align::Center,
            Align::End => Align::Start,
        } : $align;

        return new Overlay($ground, $content, [$node->height[0] ?? 480, $node->height[1] ?? 420, $node->height[2] ?? 360], $node->padding, $node->width ?? 560, $along, Align::from($node->across), $node->fold);
    }

    private function leaf(LayoutNode $node, Align $align): ?Element
    {
        $line = $this->lines[$node->slot][$this->item] ?? $this->lines[$node->slot][-1] ?? null;
        if (null === $line) {
            return null;
        }
        $kind = $node->kind();

        return match ($kind) {
            'picture', 'picture-small', 'video', 'map', 'frame' => $this->picture($node, $line, 'picture-small' === $kind ? 'picture' : $kind),
            'button' => new Button($line, \in_array('quiet', $node->styles, true), \in_array('wide', $node->styles, true), $align, $this->onDark),
            'field' => new Field($line, $this->onDark),
            'icon' => new Mark($line, $kind, self::ICON, $align),
            'badge' => new Mark($line, $kind, self::BADGE, $align),
            'number' => new Mark($line, $kind, self::NUMBER, $align),
            'logo' => new Logo($line, $align),
            'rating' => new Rating($line, $align),
            'table' => CopyStatus::ToSupply === $line->status ? new Words($line, $kind, $node->styles, $align, $this->onDark) : new Table($line, $this->onDark),
            default => new Words($line, $kind, $node->styles, $align, $this->onDark),
        };
    }

    private function picture(LayoutNode $node, CopyLine $line, string $kind): Picture
    {
        $kind = -1 === $this->item && '' !== $this->look->media && \in_array($kind, ['picture', 'video'], true) ? $this->look->media : $kind;
        foreach ($node->styles as $style) {
            if (1 === preg_match('/^(\d+):(\d+)$/', $style, $m)) {
                return new Picture($line, $kind, max(1, (int) $m[1]), max(1, (int) $m[2]));
            }
        }

        return new Picture($line, $kind, 4, 3);
    }
}

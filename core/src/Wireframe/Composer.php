<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

use DunePocket\Catalogue\Layout;
use DunePocket\Catalogue\LayoutNode;
use DunePocket\Plan\CopyLine;
use DunePocket\Plan\CopyStatus;
use DunePocket\Plan\Section;

/** Lays out a section: its layout, its copy and a width become boxes and lines of text. */
final class Composer
{
    private const MEASURE = 680.0;
    private const BUTTON_PADDING = 22.0;
    private const BUTTON_HEIGHT = 46.0;
    private const FIELD_HEIGHT = 44.0;
    private const SUPPLY_PADDING = 8.0;
    private const ASCENT = 0.76;
    private const LONGEST_NUMBER = 2;

    private Canvas $canvas;
    private Viewport $viewport;

    /** @var array<string, array<int, CopyLine>> lines by slot and item; -1 outside of items */
    private array $lines = [];

    /** @var list<int> */
    private array $items = [];
    private int $item = -1;
    private bool $onDark = false;

    public function __construct(
        private readonly FontMetrics $font,
        private readonly LineBreaker $breaker,
    ) {
        $this->canvas = new Canvas();
        $this->viewport = Viewport::Desktop;
    }

    public static function withShippedFont(): self
    {
        $font = FontMetrics::shipped();

        return new self($font, new LineBreaker($font));
    }

    public function compose(Section $section, Layout $layout, Viewport $viewport): Drawing
    {
        $this->canvas = new Canvas();
        $this->viewport = $viewport;
        $this->item = -1;
        $this->onDark = 'dark' === $layout->fill;
        $this->read($section);
        $width = $viewport->width();
        $padding = $layout->padding[$viewport->index()];
        $inner = min($layout->max, $width - 2 * $viewport->margin());
        $content = $this->place($layout->tree, ($width - $inner) / 2, $padding, $inner, 'start');
        $height = round($content + 2 * $padding);
        if ('paper' !== $layout->fill) {
            $this->canvas->addBeneath(0, new Box('ground-'.$layout->fill, 0, 0, $width, $height));
        }
        if (null !== $layout->rule) {
            $this->canvas->add(new Box('rule', 0, 'top' === $layout->rule ? 0 : $height - 1, $width, 1));
        }

        return $this->canvas->drawing($width, $height);
    }

    private function read(Section $section): void
    {
        $this->lines = [];
        $items = [];
        foreach ($section->copy as $line) {
            $this->lines[$line->slot][$line->item ?? -1] = $line;
            if (null !== $line->item) {
                $items[$line->item] = true;
            }
        }
        ksort($items);
        $this->items = array_keys($items);
    }

    /** Draws a node with its upper left corner at x, y; returns its height. */
    private function place(LayoutNode $node, float $x, float $y, float $width, string $align): float
    {
        if ($this->viewport->isAtMost($node->hide)) {
            return $this->menuMark($x, $y, $width);
        }

        return match ($node->type) {
            'stack' => $this->stack($node, $x, $y, $width, $align),
            'row' => $this->row($node, $x, $y, $width, $align),
            'inline' => $this->inline($node, $x, $y, $width, 'start' === $node->align ? $align : $node->align),
            'each' => $this->each($node, $x, $y, $width, $align),
            'panel' => $this->panel($node, $x, $y, $width),
            default => $this->slot($node, $x, $y, $width, $align),
        };
    }

    private function stack(LayoutNode $node, float $x, float $y, float $width, string $align): float
    {
        $align = 'center' === $node->align ? 'center' : $align;
        $inner = min($width, $node->width ?? $width);
        if ('center' === $align) {
            $x += ($width - $inner) / 2;
        }

        return $this->children($node->children, $x, $y, $inner, $align, $node->gap);
    }

    /** @param list<LayoutNode> $children */
    private function children(array $children, float $x, float $y, float $width, string $align, float $gap): float
    {
        $height = 0.0;
        foreach ($children as $child) {
            $childHeight = $this->place($child, $x, $y + $height + ($height > 0 ? $gap : 0), $width, $align);
            if ($childHeight > 0) {
                $height += $childHeight + ($height > 0 ? $gap : 0);
            }
        }

        return $height;
    }

    private function row(LayoutNode $node, float $x, float $y, float $width, string $align): float
    {
        $folded = $this->viewport->isAtMost($node->fold);
        $inList = $this->item >= 0 && !$folded;
        $children = $inList ? $node->children : array_values(array_filter($node->children, $this->shows(...)));
        if ($folded || 1 === \count($children)) {
            $gap = min($node->gap, 28);

            return $this->children($node->reverse && $folded ? array_reverse($children) : $children, $x, $y, $width, $align, $gap);
        }
        $gap = Viewport::Desktop === $this->viewport ? $node->gap : min($node->gap, 32);
        $widths = $this->columnWidths($node, $children, $width, $gap);
        $heights = [];
        $marks = [];
        $left = $x;
        foreach ($children as $i => $child) {
            $marks[$i] = $this->canvas->mark();
            $heights[$i] = $this->place($child, $left, $y, $widths[$i], 'start');
            $left += $widths[$i] + $gap;
        }
        $marks[] = $this->canvas->mark();
        $height = max([0.0, ...$heights]);
        if ('start' !== $node->align) {
            foreach ($heights as $i => $childHeight) {
                $this->canvas->move($marks[$i], $marks[$i + 1], 0.0, ('center' === $node->align ? 0.5 : 1.0) * ($height - $childHeight));
            }
        }

        return $height;
    }

    /**
     * @param list<LayoutNode> $children shown
     *
     * @return list<float>
     */
    private function columnWidths(LayoutNode $node, array $children, float $width, float $gap): array
    {
        $weights = [];
        foreach ($children as $i => $child) {
            $at = array_search($child, $node->children, true);
            $weights[$i] = [] === $node->columns ? 1 : ($node->columns[(int) $at] ?? null);
        }
        $free = $width - $gap * (\count($children) - 1);
        $widths = [];
        foreach ($children as $i => $child) {
            if (null === $weights[$i]) {
                $widths[$i] = min($this->naturalWidth($child), $free * 0.6);
                $free -= $widths[$i];
            }
        }
        $total = max(1, array_sum($weights));
        foreach ($weights as $i => $weight) {
            $widths[$i] ??= $free * (int) $weight / $total;
        }
        ksort($widths);

        return array_values($widths);
    }

    private function inline(LayoutNode $node, float $x, float $y, float $width, string $align): float
    {
        $placed = [];
        foreach (array_filter($node->children, $this->shows(...)) as $child) {
            $placed[] = [$child, $this->item];
        }

        return $this->flow($placed, $node->gap, $x, $y, $width, $align);
    }

    /** @param list<array{LayoutNode, int}> $placed nodes, each with the item it belongs to */
    private function flow(array $placed, float $gap, float $x, float $y, float $width, string $align): float
    {
        $rows = [[]];
        $used = 0.0;
        foreach ($placed as [$child, $item]) {
            $this->item = $item;
            $w = min($width, $this->naturalWidth($child));
            if ($used > 0 && $used + $gap + $w > $width) {
                $rows[] = [];
                $used = 0.0;
            }
            $rows[\count($rows) - 1][] = [$child, $item, $w];
            $used += ($used > 0 ? $gap : 0) + $w;
        }
        $height = 0.0;
        foreach ($rows as $row) {
            $rowWidth = array_sum(array_column($row, 2)) + $gap * max(0, \count($row) - 1);
            $left = $x + ('center' === $align ? ($width - $rowWidth) / 2 : ('end' === $align ? $width - $rowWidth : 0.0));
            $rowHeight = 0.0;
            foreach ($row as [$child, $item, $w]) {
                $this->item = $item;
                $rowHeight = max($rowHeight, $this->place($child, $left, $y + $height, $w, 'start'));
                $left += $w + $gap;
            }
            $height += $rowHeight + 10;
        }
        $this->item = [] === $placed ? $this->item : -1;

        return max(0.0, $height - 10);
    }

    private function each(LayoutNode $node, float $x, float $y, float $width, string $align): float
    {
        $slots = $node->slots();
        $shown = array_values(array_filter($this->items, fn (int $item): bool => [] !== array_filter($slots, fn (string $slot): bool => isset($this->lines[$slot][$item]))));
        if ([] === $shown) {
            return 0.0;
        }
        if ($node->flows) {
            $placed = [];
            foreach ($shown as $item) {
                foreach ($node->children as $child) {
                    $placed[] = [$child, $item];
                }
            }

            return $this->flow($placed, $node->gap, $x, $y, $width, 'start' === $align ? 'end' : $align);
        }
        $columns = max(1, min(\count($shown), $node->columns[$this->viewport->index()] ?? 1));
        $gap = Viewport::Phone === $this->viewport ? min($node->gap, 20) : $node->gap;
        $columnWidth = ($width - $gap * ($columns - 1)) / $columns;
        $pad = $node->frame ? 20.0 : 0.0;
        $height = 0.0;
        foreach (array_chunk($shown, $columns) as $row) {
            $top = $y + $height + ($height > 0 ? $gap : 0);
            $above = $node->rule ? min(18.0, $gap) : $pad;
            $rowHeight = 0.0;
            $frames = [];
            foreach ($row as $column => $item) {
                $this->item = $item;
                $left = $x + $column * ($columnWidth + $gap);
                $frames[] = [$this->canvas->mark(), $left];
                $itemHeight = $this->children($node->children, $left + $pad, $top + $above, $columnWidth - 2 * $pad, $align, $node->frame ? 12 : 10);
                $rowHeight = max($rowHeight, $itemHeight + $above + $pad);
            }
            foreach (array_reverse($frames) as [$mark, $left]) {
                if ($node->frame) {
                    $this->canvas->addBeneath($mark, new Box('frame', $left, $top, $columnWidth, $rowHeight));
                } elseif ($node->rule) {
                    $this->canvas->addBeneath($mark, new Box('rule', $left, $top, $columnWidth, 1));
                }
            }
            $height = $top + $rowHeight - $y;
        }
        $this->item = -1;

        return $height;
    }

    private function panel(LayoutNode $node, float $x, float $y, float $width): float
    {
        $padding = Viewport::Phone === $this->viewport ? min(22.0, (float) $node->padding) : (float) $node->padding;
        $mark = $this->canvas->mark();
        $wasDark = $this->onDark;
        $this->onDark = $wasDark || 'dark' === $node->fill;
        $height = $this->children($node->children, $x + $padding, $y + $padding, $width - 2 * $padding, 'start', $node->gap) + 2 * $padding;
        $this->onDark = $wasDark;
        $this->canvas->addBeneath($mark, new Box('panel-'.$node->fill, $x, $y, $width, $height));

        return $height;
    }

    private function shows(LayoutNode $node): bool
    {
        if ($this->viewport->isAtMost($node->hide)) {
            return true;
        }
        foreach ($node->slots() as $slot) {
            if (isset($this->lines[$slot])) {
                return true;
            }
        }

        return false;
    }

    private function line(string $slot): ?CopyLine
    {
        return $this->lines[$slot][$this->item] ?? $this->lines[$slot][-1] ?? null;
    }

    private function slot(LayoutNode $node, float $x, float $y, float $width, string $align): float
    {
        $line = $this->line($node->slot);
        if (null === $line) {
            return 0.0;
        }
        $kind = preg_replace('/-\d+$/', '', $node->slot) ?? $node->slot;

        return match ($kind) {
            'picture', 'picture-small', 'video', 'map', 'frame' => $this->media('picture-small' === $kind ? 'picture' : $kind, $node, $line, $x, $y, $width),
            'button' => $this->button($node, $line, $x, $y, $width, $align),
            'field' => $this->field($line, $x, $y, $width),
            'icon', 'badge' => $this->mark($line, 'icon' === $kind ? 30.0 : 40.0, $x, $y, $width, $align),
            'logo' => $this->logo($line, $x, $y, $width),
            'number' => $this->number($line, $x, $y),
            default => $this->text($kind, $node, $line, $x, $y, $width, $align),
        };
    }

    private function text(string $kind, LayoutNode $node, CopyLine $line, float $x, float $y, float $width, string $align): float
    {
        $supply = CopyStatus::ToSupply === $line->status;
        $style = TextStyle::of($kind, $node->styles, $this->viewport);
        if ($supply) {
            $size = min($style->size, 15);
            $style = new TextStyle($size, 400, (int) round($size * 1.45), 'rust');
        }
        $inset = $supply ? self::SUPPLY_PADDING : 0.0;
        $measure = \in_array($kind, ['text', 'item-text', 'quote'], true) ? min($width, self::MEASURE) : $width;
        $text = 'quote' === $kind && !$supply && !str_starts_with($line->text, '“') ? '“'.$line->text.'”' : $line->text;
        $lines = $this->breaker->break($text, $measure - 2 * $inset, $style->size, $style->weight);
        $height = \count($lines) * $style->lineHeight + 2 * $inset;
        $left = 'center' === $align ? $x + ($width - $measure) / 2 : $x;
        $widest = max([0.0, ...array_column($lines, 1)]);
        if ($supply) {
            $boxWidth = min($measure, $widest + 2 * $inset);
            $this->canvas->add(new Box('supply', 'center' === $align ? $left + ($measure - $boxWidth) / 2 : $left, $y, $boxWidth, $height));
        }
        foreach ($lines as $i => [$words, $lineWidth]) {
            $at = 'center' === $align ? $left + ($measure - $lineWidth) / 2 : $left + $inset;
            $baseline = $y + $inset + $i * $style->lineHeight + ($style->lineHeight - $style->size) / 2 + $style->size * self::ASCENT;
            $colour = $this->onDark ? ($supply ? 'rust-on-dark' : 'paper') : $style->colour;
            $this->canvas->add(new TextRun($words, $at, $baseline, $lineWidth, $style->size, $style->weight, $colour, 'link' === $kind && !$supply));
        }
        $this->canvas->add($this->slotBox($line, $left, $y, $measure, $height, $style, \count($lines), $align));

        return $height;
    }

    private function button(LayoutNode $node, CopyLine $line, float $x, float $y, float $width, string $align): float
    {
        $style = TextStyle::of('button', [], $this->viewport);
        $textWidth = $this->font->width($line->text, $style->size, $style->weight);
        $w = min($width, $textWidth + 2 * self::BUTTON_PADDING);
        $lines = $this->breaker->break($line->text, $w - 2 * self::BUTTON_PADDING + 1, $style->size, $style->weight);
        $height = self::BUTTON_HEIGHT + (\count($lines) - 1) * $style->lineHeight;
        $left = 'center' === $align ? $x + ($width - $w) / 2 : $x;
        $quiet = \in_array('quiet', $node->styles, true);
        $supply = CopyStatus::ToSupply === $line->status;
        $this->canvas->add(new Box($supply ? 'supply' : (($quiet ? 'button-quiet' : 'button').($this->onDark ? '-on-dark' : '')), $left, $y, $w, $height));
        $colour = $supply ? 'rust' : ($quiet ? ($this->onDark ? 'paper' : 'ink') : ($this->onDark ? 'ink' : 'paper'));
        foreach ($lines as $i => [$words, $lineWidth]) {
            $this->canvas->add(new TextRun($words, $left + ($w - $lineWidth) / 2, $y + 12 + $i * $style->lineHeight + $style->size * 0.98, $lineWidth, $style->size, $style->weight, $colour));
        }
        $this->canvas->add($this->slotBox($line, $left, $y, $w, $height, $style, \count($lines), 'center'));

        return $height;
    }

    private function field(CopyLine $line, float $x, float $y, float $width): float
    {
        $style = TextStyle::of('field', [], $this->viewport);
        $tall = 1 === preg_match('/message|what you need/i', $line->text);
        $box = $tall ? 2 * self::FIELD_HEIGHT : self::FIELD_HEIGHT;
        $this->canvas->add(new TextRun($line->text, $x, $y + 15, $this->font->width($line->text, $style->size, $style->weight), $style->size, $style->weight, $this->onDark ? 'paper' : 'ink'));
        $this->canvas->add(new Box('field', $x, $y + 24, $width, $box));
        $this->canvas->add($this->slotBox($line, $x, $y, $width, 22, $style, 1, 'start'));

        return 24 + $box;
    }

    private function media(string $kind, LayoutNode $node, CopyLine $line, float $x, float $y, float $width): float
    {
        $height = round($width * $this->proportion($node));
        $height = min($height, Viewport::Phone === $this->viewport ? 300 : 560);
        $this->canvas->add(new Media($kind, $x, $y, $width, $height));
        $style = new TextStyle(13, 400, 18, CopyStatus::ToSupply === $line->status ? 'rust' : 'quiet');
        if ($width > 150 && $height > 60) {
            $lines = \array_slice($this->breaker->break($line->text, $width - 28, $style->size, $style->weight), 0, 3);
            foreach ($lines as $i => [$words, $lineWidth]) {
                $this->canvas->add(new TextRun($words, $x + 14, $y + $height - 12 - (\count($lines) - 1 - $i) * $style->lineHeight, $lineWidth, $style->size, $style->weight, $style->colour));
            }
        }
        $this->canvas->add($this->slotBox($line, $x, $y, $width, $height, $style, 1, 'start', true));

        return $height;
    }

    private function proportion(LayoutNode $node): float
    {
        foreach ($node->styles as $style) {
            if (1 === preg_match('/^(\d+):(\d+)$/', $style, $m)) {
                return (int) $m[2] / max(1, (int) $m[1]);
            }
        }

        return 0.75;
    }

    private function mark(CopyLine $line, float $size, float $x, float $y, float $width, string $align): float
    {
        $this->canvas->add(new Box('mark', 'center' === $align ? $x + ($width - $size) / 2 : $x, $y, min($size, $width), min($size, $width)));

        return min($size, $width);
    }

    private function logo(CopyLine $line, float $x, float $y, float $width): float
    {
        $supply = CopyStatus::ToSupply === $line->status;
        $this->canvas->add(new Box($supply ? 'supply' : 'logo', $x, $y, min($width, 150), 48));
        $this->canvas->add($this->slotBox($line, $x, $y, min($width, 150), 48, new TextStyle(13, 400, 18), 1, 'start', true));

        return 48.0;
    }

    private function number(CopyLine $line, float $x, float $y): float
    {
        $size = 34.0;
        $this->canvas->add(new Box('mark', $x, $y, $size, $size));
        $text = mb_substr($line->text, 0, self::LONGEST_NUMBER);
        $w = $this->font->width($text, 16, 600);
        $this->canvas->add(new TextRun($text, $x + ($size - $w) / 2, $y + 22.5, $w, 16, 600, 'ink'));

        return $size;
    }

    private function menuMark(float $x, float $y, float $width): float
    {
        foreach ([0, 7, 14] as $dy) {
            $this->canvas->add(new Box('stroke', $x + $width - 24, $y + $dy, 24, 2));
        }

        return 16.0;
    }

    private function naturalWidth(LayoutNode $node): float
    {
        $widths = array_map($this->naturalWidth(...), array_values(array_filter($node->children, $this->shows(...))));
        if ('inline' === $node->type || 'row' === $node->type) {
            return array_sum($widths) + $node->gap * max(0, \count($widths) - 1);
        }
        if ('slot' !== $node->type) {
            return max([0.0, ...$widths]) + ('panel' === $node->type ? 2 * $node->padding : 0);
        }
        $line = $this->line($node->slot);
        if (null === $line) {
            return 0.0;
        }
        $kind = preg_replace('/-\d+$/', '', $node->slot) ?? $node->slot;
        $style = TextStyle::of($kind, $node->styles, $this->viewport);
        $supply = CopyStatus::ToSupply === $line->status;
        $width = $this->font->width($line->text, $supply ? min($style->size, 15) : $style->size, $supply ? 400 : $style->weight);

        return match ($kind) {
            'button' => $width + 2 * self::BUTTON_PADDING,
            'picture', 'video', 'map' => 240.0,
            default => ceil($width) + ($supply ? 2 * self::SUPPLY_PADDING : 1),
        };
    }

    private function slotBox(CopyLine $line, float $x, float $y, float $width, float $height, TextStyle $style, int $lines, string $align, bool $media = false): SlotBox
    {
        return new SlotBox($line->slot, $line->item, $line->role->value, $line->status->value, $x, $y, $width, $height, $style, $lines, $align, $media);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

use DunePocket\Catalogue\Layout;
use DunePocket\Plan\Section;
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

/**
 * Gives every part of an arranged section its place at a width, as CSS grid and flexible box layout would: a stack is a grid of
 * one column, columns are grid tracks, a list is a grid of equal columns. Chromium is the reference.
 */
final class Composer
{
    private Canvas $canvas;
    private Viewport $viewport;

    public function __construct(
        private readonly Arranger $arranger,
        private readonly LeafPainter $leaves,
        private readonly Extent $extent,
    ) {
        $this->canvas = new Canvas();
        $this->viewport = Viewport::Desktop;
    }

    public static function withShippedFont(): self
    {
        $font = FontMetrics::shipped();
        $breaker = new LineBreaker($font);
        $extent = new Extent($font, $breaker);

        return new self(new Arranger(), new LeafPainter($font, $breaker, $extent), $extent);
    }

    public function compose(Section $section, Layout $layout, Viewport $viewport): Drawing
    {
        return $this->drawing($this->arranger->arrange($section, $layout), $viewport);
    }

    private function drawing(Arrangement $arrangement, Viewport $viewport): Drawing
    {
        $this->canvas = new Canvas();
        $this->viewport = $viewport;
        $width = $viewport->width();
        $padding = $arrangement->padding[$viewport->index()];
        $inner = min((float) $arrangement->max, $width - 2 * $viewport->margin());
        $ruled = null === $arrangement->rule ? 0.0 : 1.0;
        $top = $padding + ('top' === $arrangement->rule ? 1.0 : 0.0);
        $content = null === $arrangement->content ? 0.0 : $this->place($arrangement->content, ($width - $inner) / 2, $top, $inner);
        $height = $content + 2 * $padding + $ruled;
        if ($arrangement->full && $height < $viewport->fold()) {
            $this->canvas->move(0, null, 0.0, ($viewport->fold() - $height) / 2);
            $height = (float) $viewport->fold();
        }
        $this->canvas->dropBeyond($width);
        if ('paper' !== $arrangement->fill) {
            $this->canvas->addBeneath(0, new Box('ground-'.$arrangement->fill, 0, 0, $width, $height));
        }
        if (null !== $arrangement->rule) {
            $this->canvas->add(new Box('rule', 0, 'top' === $arrangement->rule ? 0 : $height - 1, $width, 1));
        }

        return $this->canvas->drawing($width, $height);
    }

    /** Draws an element with its upper left corner at x, y; returns its height. */
    private function place(Element $element, float $x, float $y, float $width): float
    {
        return match (true) {
            $element instanceof Words => $this->leaves->words($element, $this->canvas, $x, $y, $width, $this->viewport),
            $element instanceof Stack => $this->stack($element, $x, $y, $width),
            $element instanceof Columns => $this->columns($element, $x, $y, $width),
            $element instanceof Tiles => $this->tiles($element, $x, $y, $width),
            $element instanceof Wrap => $this->wrap($element, $x, $y, $width),
            $element instanceof Panel => $this->panel($element, $x, $y, $width),
            $element instanceof Overlay => $this->overlay($element, $x, $y, $width),
            $element instanceof Button => $this->leaves->button($element, $this->canvas, $x, $y, $width, $this->viewport),
            $element instanceof Picture => $this->leaves->picture($element, $this->canvas, $x, $y, $width, $this->viewport),
            $element instanceof Field => $this->leaves->field($element, $this->canvas, $x, $y, $width, $this->viewport),
            $element instanceof Mark => $this->leaves->mark($element, $this->canvas, $x, $y, $width),
            $element instanceof Logo => $this->leaves->logo($element, $this->canvas, $x, $y, $width),
            $element instanceof Table => $this->leaves->table($element, $this->canvas, $x, $y, $width, $this->viewport),
            $element instanceof Rating => $this->leaves->rating($element, $this->canvas, $x, $y, $width),
            default => throw new \LogicException('There is no rule for placing '.$element::class.'.'),
        };
    }

    private function stack(Stack $stack, float $x, float $y, float $width): float
    {
        $inner = min($width, $stack->width ?? $width);

        return $this->down($stack->children, $x + $stack->align->offset($width - $inner), $y, $inner, $stack->gap);
    }

    /** @param list<?Element> $children */
    private function down(array $children, float $x, float $y, float $width, float $gap): float
    {
        $height = 0.0;
        $first = true;
        foreach ($children as $child) {
            if (null !== $child) {
                $height += $first ? 0.0 : $gap;
                $height += $this->place($child, $x, $y + $height, $width);
                $first = false;
            }
        }

        return $height;
    }

    private function columns(Columns $columns, float $x, float $y, float $width): float
    {
        if ($this->viewport->isAtMost($columns->fold)) {
            return $this->down($columns->children, $x, $y, $width, Sizes::folded($columns->gap));
        }
        $gap = Sizes::columns($columns->gap, $this->viewport);
        $widths = $this->trackWidths($columns, $width, $gap);
        $lefts = [];
        $left = $x;
        foreach ($widths as $track => $trackWidth) {
            $lefts[$track] = $left;
            $left += $trackWidth + $gap;
        }
        $heights = [];
        $marks = [];
        foreach ($columns->children as $i => $child) {
            $track = $columns->order[$i];
            $marks[$i] = $this->canvas->mark();
            $heights[$i] = null === $child ? 0.0 : $this->place($child, $lefts[$track], $y, $widths[$track]);
        }
        $marks[] = $this->canvas->mark();
        $height = max([0.0, ...$heights]);
        foreach ($heights as $i => $childHeight) {
            $this->canvas->move($marks[$i], $marks[$i + 1], 0.0, $columns->across->offset($height - $childHeight));
        }

        return $height;
    }

    /** @return list<float> in pixels, from start to end: what a column of its own width takes, and shares of the rest */
    private function trackWidths(Columns $columns, float $width, float $gap): array
    {
        $free = $width - $gap * (\count($columns->tracks) - 1);
        $most = Sizes::WIDEST_OWN * $width;
        $own = [];
        foreach ($columns->children as $i => $child) {
            if (null === $columns->tracks[$columns->order[$i]]) {
                $own[$columns->order[$i]] = max($this->extent->needed($child, $this->viewport), min($most, $this->extent->wanted($child, $this->viewport)));
            }
        }
        $rest = max(0.0, $free - array_sum($own));
        $shares = max(1, array_sum($columns->tracks));
        $widths = [];
        foreach ($columns->tracks as $track => $share) {
            $widths[] = null === $share ? $own[$track] : $rest * $share / $shares;
        }

        return $widths;
    }

    private function wrap(Wrap $wrap, float $x, float $y, float $width): float
    {
        if ($this->viewport->isAtMost($wrap->hide)) {
            return $this->leaves->menuSign($this->canvas, $x + $wrap->align->offset($width - Sizes::MENU_WIDTH), $y, $wrap->onDark);
        }
        $rows = [[]];
        $used = 0.0;
        foreach ($wrap->children as $child) {
            $w = min($width, $this->extent->wanted($child, $this->viewport));
            if ($used > 0.0 && $used + $wrap->gap + $w > $width + 0.02) {
                $rows[] = [];
                $used = 0.0;
            }
            $rows[\count($rows) - 1][] = [$child, $w];
            $used += ($used > 0.0 ? $wrap->gap : 0.0) + $w;
        }
        $height = 0.0;
        foreach ($rows as $row) {
            $rowWidth = array_sum(array_column($row, 1)) + $wrap->gap * (\count($row) - 1);
            $left = $x + $wrap->align->offset($width - $rowWidth);
            $rowHeight = 0.0;
            foreach ($row as [$child, $w]) {
                $rowHeight = max($rowHeight, $this->place($child, $left, $y + $height, $w));
                $left += $w + $wrap->gap;
            }
            $height += $rowHeight + Sizes::LINE_GAP;
        }

        return $height - Sizes::LINE_GAP;
    }

    private function tiles(Tiles $tiles, float $x, float $y, float $width): float
    {
        $gap = Sizes::tiles($tiles->gap, $this->viewport);
        if ($this->viewport->isAtMost($tiles->rail)) {
            return $this->tileRow($tiles, $tiles->items, $x, $y, Sizes::RAIL * $width, $gap);
        }
        $height = 0.0;
        foreach ($this->rows($tiles) as $n => [$columns, $items]) {
            $height += 0 === $n ? 0.0 : $gap;
            $height += $this->tileRow($tiles, $items, $x, $y + $height, ($width - $gap * ($columns - 1)) / $columns, $gap);
        }

        return $height;
    }

    /** @return list<array{int, list<Stack>}> how many columns a row has, and its items */
    private function rows(Tiles $tiles): array
    {
        if ([] === $tiles->pattern || Viewport::Phone === $this->viewport) {
            $columns = max(1, min(\count($tiles->items), $tiles->columns[$this->viewport->index()]));

            return array_map(static fn (array $items): array => [$columns, $items], array_chunk($tiles->items, $columns));
        }
        $rows = [];
        $at = 0;
        while ($at < \count($tiles->items)) {
            $columns = max(1, $tiles->pattern[\count($rows) % \count($tiles->pattern)]);
            $rows[] = [$columns, \array_slice($tiles->items, $at, $columns)];
            $at += $columns;
        }

        return $rows;
    }

    /** @param list<Stack> $items */
    private function tileRow(Tiles $tiles, array $items, float $x, float $y, float $width, float $gap): float
    {
        [$side, $above, $below] = match ($tiles->dress) {
            Dress::Frame => [Sizes::FRAME, Sizes::FRAME, Sizes::FRAME],
            Dress::Rule => [0.0, min(Sizes::RULE, $gap), 0.0],
            Dress::Plain => [0.0, 0.0, 0.0],
        };
        $height = 0.0;
        $marks = [];
        foreach ($items as $column => $item) {
            $left = $x + $column * ($width + $gap);
            $marks[] = [$this->canvas->mark(), $left];
            $height = max($height, $above + $below + $this->stack($item, $left + $side, $y + $above, $width - 2 * $side));
        }
        foreach (array_reverse($marks) as [$mark, $left]) {
            if (Dress::Frame === $tiles->dress) {
                $this->canvas->addBeneath($mark, new Box('frame', $left, $y, $width, $height));
            } elseif (Dress::Rule === $tiles->dress) {
                $this->canvas->addBeneath($mark, new Box('rule', $left, $y, $width, 1));
            }
        }

        return $height;
    }

    private function panel(Panel $panel, float $x, float $y, float $width): float
    {
        $padding = Sizes::panel($panel->padding, $this->viewport);
        $mark = $this->canvas->mark();
        $height = $this->stack($panel->content, $x + $padding, $y + $padding, $width - 2 * $padding) + 2 * $padding;
        $this->canvas->addBeneath($mark, new Box('panel-'.$panel->fill, $x, $y, $width, $height));

        return $height;
    }

    private function overlay(Overlay $overlay, float $x, float $y, float $width): float
    {
        if ($this->viewport->isAtMost($overlay->fold)) {
            return $this->down([$overlay->ground, $overlay->content], $x, $y, $width, 0.0);
        }
        $padding = Sizes::panel($overlay->padding, $this->viewport);
        $mark = $this->canvas->mark();
        $inner = min($width - 2 * $padding, (float) $overlay->width);
        $content = $this->place($overlay->content, $x + $padding + $overlay->along->offset($width - 2 * $padding - $inner), $y + $padding, $inner);
        $height = max((float) $overlay->height[$this->viewport->index()], $content + 2 * $padding);
        $this->canvas->move($mark, null, 0.0, $overlay->across->offset($height - 2 * $padding - $content));
        $drawn = $this->canvas->take($mark);
        $this->leaves->picture($overlay->ground, $this->canvas, $x, $y, $width, $this->viewport, $height);
        foreach ($drawn as $shape) {
            $this->canvas->add($shape);
        }

        return $height;
    }
}

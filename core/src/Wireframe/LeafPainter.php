<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

use DunePocket\Plan\CopyLine;
use DunePocket\Plan\CopyStatus;
use DunePocket\Wireframe\Element\Align;
use DunePocket\Wireframe\Element\Button;
use DunePocket\Wireframe\Element\Field;
use DunePocket\Wireframe\Element\Logo;
use DunePocket\Wireframe\Element\Mark;
use DunePocket\Wireframe\Element\Picture;
use DunePocket\Wireframe\Element\Rating;
use DunePocket\Wireframe\Element\Table;
use DunePocket\Wireframe\Element\Words;

/** Paints the leaves of an arranged section onto a canvas, each at its place; what it returns is how high the leaf is. */
final readonly class LeafPainter
{
    private const LONGEST_NUMBER = 2;
    private const NOTE_SIZE = 13;
    private const NOTE_LINE = 18;
    private const NOTE_INSET = 14;
    private const NOTE_LINES = 3;

    public function __construct(private FontMetrics $font, private LineBreaker $breaker, private Extent $extent)
    {
    }

    public function words(Words $words, Canvas $canvas, float $x, float $y, float $width, Viewport $viewport): float
    {
        $style = TextStyle::ofWords($words, $viewport);
        $request = $words->isRequest();
        $inset = $request ? Sizes::REQUEST : 0.0;
        $measure = $words->hasMeasure() ? min($width, Sizes::MEASURE) : $width;
        $boxWidth = $request || $words->isAsWideAsItsText() ? min($measure, $this->extent->wanted($words, $viewport)) : $measure;
        $left = $x + $words->align->offset($width - $boxWidth);
        $lines = $this->breaker->break($words->text(), $boxWidth - 2 * $inset, $style->size, $style->weight);
        $height = \count($lines) * $style->lineHeight + 2 * $inset;
        if ($request) {
            $canvas->add(new Box('supply', $left, $y, $boxWidth, $height));
        }
        $colour = $words->onDark && !$request ? 'paper' : $style->colour;
        $baseline = $y + $inset + $this->font->baseline($style->size, $style->lineHeight);
        foreach ($lines as $i => [$text, $lineWidth]) {
            $canvas->add(new TextRun($text, $left + $inset + $words->align->offset($boxWidth - 2 * $inset - $lineWidth), $baseline + $i * $style->lineHeight, $lineWidth, $style->size, $style->weight, $colour, 'link' === $words->kind && !$request));
        }
        $this->slot($canvas, $words->line, $left, $y, $boxWidth, $height, $style, \count($lines), $words->align, lastLine: $lines[\count($lines) - 1][1] ?? 0.0, holds: $words->holds());

        return $height;
    }

    public function button(Button $button, Canvas $canvas, float $x, float $y, float $width, Viewport $viewport): float
    {
        $style = TextStyle::of('button', [], $viewport);
        $boxWidth = $button->wide ? $width : min($width, $this->extent->wanted($button, $viewport));
        $lines = $this->breaker->break($button->line->text, $boxWidth - 2 * Sizes::BUTTON_SIDE, $style->size, $style->weight);
        $height = \count($lines) * $style->lineHeight + 2 * Sizes::BUTTON_TOP;
        $left = $x + $button->align->offset($width - $boxWidth);
        $request = CopyStatus::ToSupply === $button->line->status;
        $canvas->add(new Box($request ? 'supply' : 'button'.($button->quiet ? '-quiet' : '').($button->onDark ? '-on-dark' : ''), $left, $y, $boxWidth, $height));
        $colour = match (true) {
            $request => 'rust',
            $button->quiet === $button->onDark => 'paper',
            default => 'ink',
        };
        foreach ($lines as $i => [$text, $lineWidth]) {
            $canvas->add(new TextRun($text, $left + ($boxWidth - $lineWidth) / 2, $y + Sizes::BUTTON_TOP + $i * $style->lineHeight + $this->font->baseline($style->size, $style->lineHeight), $lineWidth, $style->size, $style->weight, $colour));
        }
        $this->slot($canvas, $button->line, $left, $y, $boxWidth, $height, $style, \count($lines), Align::Center, lastLine: $lines[\count($lines) - 1][1] ?? 0.0);

        return $height;
    }

    public function field(Field $field, Canvas $canvas, float $x, float $y, float $width, Viewport $viewport): float
    {
        $style = TextStyle::of('field', [], $viewport);
        $lines = $this->breaker->break($field->line->text, $width, $style->size, $style->weight);
        foreach ($lines as $i => [$text, $lineWidth]) {
            $canvas->add(new TextRun($text, $x, $y + $i * $style->lineHeight + $this->font->baseline($style->size, $style->lineHeight), $lineWidth, $style->size, $style->weight, $field->onDark ? 'paper' : 'ink'));
        }
        $label = \count($lines) * $style->lineHeight;
        $box = $field->isTall() ? Sizes::FIELD_TALL : Sizes::FIELD_HEIGHT;
        $canvas->add(new Box('field', $x, $y + $label + Sizes::FIELD_GAP, $width, $box));
        $this->slot($canvas, $field->line, $x, $y, $width, $label, $style, \count($lines), Align::Start);

        return $label + Sizes::FIELD_GAP + $box;
    }

    /** @param ?float $height when it is not its own proportion that decides */
    public function picture(Picture $picture, Canvas $canvas, float $x, float $y, float $width, Viewport $viewport, ?float $height = null): float
    {
        $height ??= min($width * $picture->down / $picture->across, Sizes::tallest($viewport));
        $canvas->add(new Media($picture->kind, $x, $y, $width, $height));
        $style = new TextStyle(self::NOTE_SIZE, 400, self::NOTE_LINE, CopyStatus::ToSupply === $picture->line->status ? 'rust' : 'quiet');
        if ($width > 150 && $height > 60) {
            $lines = \array_slice($this->breaker->break($picture->line->text, $width - 2 * self::NOTE_INSET, $style->size, $style->weight), 0, self::NOTE_LINES);
            foreach ($lines as $i => [$text, $lineWidth]) {
                $canvas->add(new TextRun($text, $x + self::NOTE_INSET, $y + $height - 12 - (\count($lines) - 1 - $i) * $style->lineHeight, $lineWidth, $style->size, $style->weight, $style->colour));
            }
        }
        $this->slot($canvas, $picture->line, $x, $y, $width, $height, $style, 1, Align::Start, true);

        return $height;
    }

    public function mark(Mark $mark, Canvas $canvas, float $x, float $y, float $width): float
    {
        $left = $x + $mark->align->offset($width - $mark->size);
        $canvas->add(new Box('mark', $left, $y, $mark->size, $mark->size));
        if ('number' === $mark->kind) {
            $text = mb_substr($mark->line->text, 0, self::LONGEST_NUMBER);
            $w = $this->font->width($text, 16, 600);
            $canvas->add(new TextRun($text, $left + ($mark->size - $w) / 2, $y + $this->font->baseline(16, $mark->size), $w, 16, 600, 'ink'));
        }

        return (float) $mark->size;
    }

    public function logo(Logo $logo, Canvas $canvas, float $x, float $y, float $width): float
    {
        $boxWidth = min($width, Sizes::LOGO_WIDTH);
        $left = $x + $logo->align->offset($width - $boxWidth);
        $canvas->add(new Box(CopyStatus::ToSupply === $logo->line->status ? 'supply' : 'logo', $left, $y, $boxWidth, Sizes::LOGO_HEIGHT));
        $this->slot($canvas, $logo->line, $left, $y, $boxWidth, Sizes::LOGO_HEIGHT, new TextStyle(self::NOTE_SIZE, 400, self::NOTE_LINE), 1, Align::Start, true);

        return Sizes::LOGO_HEIGHT;
    }

    public function table(Table $table, Canvas $canvas, float $x, float $y, float $width, Viewport $viewport): float
    {
        $height = 0.0;
        foreach ($table->rows() as $n => $cells) {
            $style = TextStyle::named(0 === $n ? 'cell-heading' : 'cell', $viewport);
            $column = $width / \count($cells);
            $canvas->add(new Box('rule', $x, $y + $height, $width, 1));
            $most = 1;
            foreach ($cells as $at => $cell) {
                $lines = $this->breaker->break($cell, $column - Sizes::CELL_SIDE, $style->size, $style->weight);
                foreach ($lines as $i => [$text, $lineWidth]) {
                    $canvas->add(new TextRun($text, $x + $at * $column, $y + $height + 1 + Sizes::CELL_TOP + $i * $style->lineHeight + $this->font->baseline($style->size, $style->lineHeight), $lineWidth, $style->size, $style->weight, $table->onDark ? 'paper' : $style->colour));
                }
                $most = max($most, \count($lines));
            }
            $height += 1 + 2 * Sizes::CELL_TOP + $most * $style->lineHeight;
        }
        $this->slot($canvas, $table->line, $x, $y, $width, $height, TextStyle::named('cell', $viewport), 1, Align::Start, true);

        return $height;
    }

    public function rating(Rating $rating, Canvas $canvas, float $x, float $y, float $width): float
    {
        $left = $x + $rating->align->offset($width - Sizes::RATING_WIDTH);
        for ($n = 0; $n < 5; ++$n) {
            $canvas->add(new Box($n < $rating->filled() ? 'mark-full' : 'mark', $left + $n * (Sizes::RATING_HEIGHT + 2), $y, Sizes::RATING_HEIGHT, Sizes::RATING_HEIGHT));
        }
        $this->slot($canvas, $rating->line, $left, $y, Sizes::RATING_WIDTH, Sizes::RATING_HEIGHT, new TextStyle(self::NOTE_SIZE, 400, self::NOTE_LINE), 1, Align::Start, true);

        return Sizes::RATING_HEIGHT;
    }

    public function menuSign(Canvas $canvas, float $x, float $y, bool $onDark): float
    {
        foreach ([0, 7, 14] as $dy) {
            $canvas->add(new Box($onDark ? 'stroke-on-dark' : 'stroke', $x, $y + $dy, Sizes::MENU_WIDTH, 2));
        }

        return Sizes::MENU_HEIGHT;
    }

    private function slot(Canvas $canvas, CopyLine $line, float $x, float $y, float $width, float $height, TextStyle $style, int $lines, Align $align, bool $media = false, float $lastLine = 0.0, ?int $holds = null): void
    {
        $canvas->add(new SlotBox($line->slot, $line->item, $line->role->value, $line->status->value, $x, $y, $width, $height, $style, $lines, $align->value, $media, $lastLine, $holds));
    }
}

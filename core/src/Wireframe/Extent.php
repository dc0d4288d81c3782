<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

use DunePocket\Wireframe\Element\Button;
use DunePocket\Wireframe\Element\Columns;
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

/** How wide an element wants to be, and how wide it has to be: max-content and min-content of CSS Box Sizing 3. */
final readonly class Extent
{
    public function __construct(private FontMetrics $font, private LineBreaker $breaker)
    {
    }

    /** @return float in pixels, when nothing inside has to break */
    public function wanted(?Element $element, Viewport $viewport): float
    {
        return $this->of($element, $viewport, false);
    }

    /** @return float in pixels, when everything inside breaks wherever it can */
    public function needed(?Element $element, Viewport $viewport): float
    {
        return $this->of($element, $viewport, true);
    }

    private function of(?Element $element, Viewport $viewport, bool $broken): float
    {
        return match (true) {
            $element instanceof Words => $this->words($element, $viewport, $broken),
            $element instanceof Button => $this->text($element->line->text, TextStyle::of('button', [], $viewport), $broken) + 2 * Sizes::BUTTON_SIDE,
            $element instanceof Field => Sizes::FIELD_WIDTH,
            $element instanceof Picture, $element instanceof Overlay, $element instanceof Table => Sizes::PICTURE_WIDTH,
            $element instanceof Mark => (float) $element->size,
            $element instanceof Logo => Sizes::LOGO_WIDTH,
            $element instanceof Rating => Sizes::RATING_WIDTH,
            $element instanceof Stack => min($element->width ?? \INF, $this->widest($element->children, $viewport, $broken)),
            $element instanceof Panel => $this->of($element->content, $viewport, $broken) + 2 * Sizes::panel($element->padding, $viewport),
            $element instanceof Columns => $viewport->isAtMost($element->fold) ? $this->widest($element->children, $viewport, $broken) : $this->sum($element->children, Sizes::columns($element->gap, $viewport), $viewport, $broken),
            $element instanceof Tiles => $this->widest($element->items, $viewport, $broken),
            $element instanceof Wrap => match (true) {
                $viewport->isAtMost($element->hide) => Sizes::MENU_WIDTH,
                $broken => $this->widest($element->children, $viewport, $broken),
                default => $this->sum($element->children, $element->gap, $viewport, $broken),
            },
            default => 0.0,
        };
    }

    /** @param list<?Element> $elements */
    private function widest(array $elements, Viewport $viewport, bool $broken): float
    {
        return max([0.0, ...array_map(fn (?Element $element): float => $this->of($element, $viewport, $broken), $elements)]);
    }

    /** @param list<?Element> $elements */
    private function sum(array $elements, float $gap, Viewport $viewport, bool $broken): float
    {
        return array_sum(array_map(fn (?Element $element): float => $this->of($element, $viewport, $broken), $elements)) + $gap * max(0, \count($elements) - 1);
    }

    private function words(Words $words, Viewport $viewport, bool $broken): float
    {
        $width = $this->text($words->text(), TextStyle::ofWords($words, $viewport), $broken) + ($words->isRequest() ? 2 * Sizes::REQUEST : 0.0);

        return $words->hasMeasure() ? min(Sizes::MEASURE, $width) : $width;
    }

    private function text(string $text, TextStyle $style, bool $broken): float
    {
        if ($broken) {
            return $this->breaker->widestPart($text, $style->size, $style->weight);
        }

        return max(array_map(fn (string $line): float => $this->font->width(trim($line), $style->size, $style->weight), explode("\n", $text)));
    }
}

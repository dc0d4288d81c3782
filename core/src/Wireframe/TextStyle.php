<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

use DunePocket\Wireframe\Element\Words;

/** Size in pixels, weight, and line height in pixels. */
final readonly class TextStyle
{
    public function __construct(
        public int $size,
        public int $weight,
        public int $lineHeight,
        public string $colour = 'ink',
    ) {
    }

    public static function ofWords(Words $words, Viewport $viewport): self
    {
        $style = self::of($words->kind, $words->styles, $viewport);
        if (!$words->isRequest()) {
            return $style;
        }
        $size = min($style->size, 15);

        return new self($size, 400, (int) round($size * 1.45), 'rust');
    }

    /**
     * The style of a slot at a width.
     *
     * @param string       $kind   what the slot is: heading, text, item-heading, quote…
     * @param list<string> $styles of the leaf in the layout
     */
    public static function of(string $kind, array $styles, Viewport $viewport): self
    {
        $i = $viewport->index();
        $key = match (true) {
            \in_array('display', $styles, true) => 'display',
            \in_array('h1', $styles, true) => 'h1',
            \in_array('h2', $styles, true) => 'h2',
            \in_array('h3', $styles, true) => 'h3',
            \in_array('lead', $styles, true) => 'lead',
            \in_array('small', $styles, true) => 'small',
            default => $kind,
        };

        return match ($key) {
            'display' => new self([64, 48, 36][$i], 700, [70, 55, 43][$i]),
            'h1' => new self([46, 38, 30][$i], 700, [54, 46, 37][$i]),
            'h2', 'heading' => new self([30, 28, 24][$i], 700, [38, 36, 31][$i]),
            'h3', 'item-heading' => new self([19, 18, 18][$i], 600, [26, 25, 25][$i]),
            'figure' => new self([40, 36, 30][$i], 700, [48, 44, 38][$i]),
            'lead' => new self([20, 19, 18][$i], 400, [30, 28, 27][$i], 'body'),
            'quote' => new self([18, 17, 17][$i], 400, [28, 26, 26][$i]),
            'name' => new self(19, 700, 26),
            'price', 'date', 'total' => new self(17, 600, 24),
            'button' => new self(16, 600, 22),
            'link' => new self(15, 600, 22),
            'label' => new self(13, 600, 18, 'quiet'),
            'small', 'cite' => new self(14, 400, 20, 'quiet'),
            'field' => new self(14, 600, 20),
            default => new self(16, 400, 25, 'body'),
        };
    }
}

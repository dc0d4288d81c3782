<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

use DunePocket\Wireframe\Element\Words;

/** Size in pixels, weight, and line height in pixels. */
final readonly class TextStyle
{
    /** @var array<string, array{array{int, int, int}, int, array{int, int, int}, string}> sizes and line heights at desktop, tablet and phone; weight; colour */
    private const STYLES = [
        'display' => [[64, 48, 36], 700, [70, 55, 43], 'ink'],
        'h1' => [[46, 38, 30], 700, [54, 46, 37], 'ink'],
        'h2' => [[30, 28, 24], 700, [38, 36, 31], 'ink'],
        'h3' => [[19, 18, 18], 600, [26, 25, 25], 'ink'],
        'figure' => [[40, 36, 30], 700, [48, 44, 38], 'ink'],
        'lead' => [[20, 19, 18], 400, [30, 28, 27], 'body'],
        'quote' => [[18, 17, 17], 400, [28, 26, 26], 'ink'],
        'name' => [[19, 19, 19], 700, [26, 26, 26], 'ink'],
        'price' => [[17, 17, 17], 600, [24, 24, 24], 'ink'],
        'button' => [[16, 16, 16], 600, [22, 22, 22], 'ink'],
        'link' => [[15, 15, 15], 600, [22, 22, 22], 'ink'],
        'label' => [[13, 13, 13], 600, [18, 18, 18], 'quiet'],
        'small' => [[14, 14, 14], 400, [20, 20, 20], 'quiet'],
        'field' => [[14, 14, 14], 600, [20, 20, 20], 'ink'],
        'cell' => [[16, 15, 14], 400, [24, 22, 20], 'body'],
        'cell-heading' => [[16, 15, 14], 600, [24, 22, 20], 'ink'],
        'body' => [[16, 16, 16], 400, [25, 25, 25], 'body'],
    ];

    /** The style of a slot that is not named after it. */
    private const OF_SLOTS = ['heading' => 'h2', 'item-heading' => 'h3', 'date' => 'price', 'total' => 'price', 'cite' => 'small'];

    private const REQUEST_SIZE = 15;
    private const REQUEST_LEADING = 1.45;

    public function __construct(
        public int $size,
        public int $weight,
        public int $lineHeight,
        public string $colour = 'ink',
    ) {
    }

    /** @return list<string> the names of all styles */
    public static function keys(): array
    {
        return array_keys(self::STYLES);
    }

    /**
     * The name of the style in which a slot is set.
     *
     * @param string       $kind   what the slot is: heading, text, item-heading, quote…
     * @param list<string> $styles of the leaf in the layout
     */
    public static function key(string $kind, array $styles): string
    {
        foreach (['display', 'h1', 'h2', 'h3', 'lead', 'small'] as $style) {
            if (\in_array($style, $styles, true)) {
                return $style;
            }
        }
        $key = self::OF_SLOTS[$kind] ?? $kind;

        return isset(self::STYLES[$key]) ? $key : 'body';
    }

    public static function named(string $key, Viewport $viewport): self
    {
        [$sizes, $weight, $lineHeights, $colour] = self::STYLES[$key] ?? self::STYLES['body'];

        return new self($sizes[$viewport->index()], $weight, $lineHeights[$viewport->index()], $colour);
    }

    /** @param list<string> $styles of the leaf in the layout */
    public static function of(string $kind, array $styles, Viewport $viewport): self
    {
        return self::named(self::key($kind, $styles), $viewport);
    }

    public static function ofWords(Words $words, Viewport $viewport): self
    {
        $style = self::of($words->kind, $words->styles, $viewport);

        return $words->isRequest() ? $style->asRequest() : $style;
    }

    /** How a request to the client is set in the place of the text it asks for. */
    public function asRequest(): self
    {
        $size = min($this->size, self::REQUEST_SIZE);

        return new self($size, 400, (int) round($size * self::REQUEST_LEADING), 'rust');
    }
}

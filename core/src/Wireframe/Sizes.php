<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

/** What all layouts have in common, in CSS pixels. The composer and the pages written from it both take it from here. */
final class Sizes
{
    /** A long text is no wider: about 75 characters of 16 pixels, as typography has it (common practice). */
    public const MEASURE = 680.0;
    public const BUTTON_SIDE = 22.0;
    public const BUTTON_TOP = 12.0;
    public const FIELD_HEIGHT = 44.0;
    public const FIELD_TALL = 88.0;
    public const FIELD_GAP = 4.0;
    public const FIELD_WIDTH = 150.0;
    public const PICTURE_WIDTH = 240.0;
    public const LOGO_WIDTH = 150.0;
    public const LOGO_HEIGHT = 48.0;
    public const MENU_WIDTH = 24.0;
    public const MENU_HEIGHT = 16.0;
    public const CELL_TOP = 10.0;
    public const CELL_SIDE = 12.0;
    public const RATING_WIDTH = 98.0;
    public const RATING_HEIGHT = 18.0;
    public const REQUEST = 8.0;
    public const FRAME = 20.0;
    public const RULE = 18.0;
    public const LINE_GAP = 10.0;

    /** How much of a row that scrolls sideways one item takes. */
    public const RAIL = 0.78;

    /** How much of a row a column may take that is as wide as its content. */
    public const WIDEST_OWN = 0.6;

    private const TALLEST = 560.0;
    private const TALLEST_ON_PHONE = 300.0;

    public static function columns(int $gap, Viewport $viewport): float
    {
        return (float) (Viewport::Desktop === $viewport ? $gap : min($gap, 32));
    }

    public static function folded(int $gap): float
    {
        return (float) min($gap, 28);
    }

    public static function tiles(int $gap, Viewport $viewport): float
    {
        return (float) (Viewport::Phone === $viewport ? min($gap, 20) : $gap);
    }

    public static function panel(int $padding, Viewport $viewport): float
    {
        return (float) (Viewport::Phone === $viewport ? min($padding, 22) : $padding);
    }

    public static function tallest(Viewport $viewport): float
    {
        return Viewport::Phone === $viewport ? self::TALLEST_ON_PHONE : self::TALLEST;
    }
}

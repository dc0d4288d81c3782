<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

/** The three widths, in CSS pixels. */
enum Viewport: string
{
    case Desktop = 'desktop';
    case Tablet = 'tablet';
    case Phone = 'phone';

    public function width(): int
    {
        return match ($this) {
            self::Desktop => 1280,
            self::Tablet => 768,
            self::Phone => 390,
        };
    }

    /** Space left and right of the content. */
    public function margin(): int
    {
        return match ($this) {
            self::Desktop => 56,
            self::Tablet => 40,
            self::Phone => 20,
        };
    }

    /** Height of the first screen: what is seen before anybody scrolls; common practice. */
    public function fold(): int
    {
        return match ($this) {
            self::Desktop => 720,
            self::Tablet => 1024,
            self::Phone => 760,
        };
    }

    /** 0 for desktop, 1 for tablet, 2 for phone: the place in a layout's lists of three. */
    public function index(): int
    {
        return match ($this) {
            self::Desktop => 0,
            self::Tablet => 1,
            self::Phone => 2,
        };
    }

    /** Whether something that happens at and below the named width happens here. */
    public function isAtMost(?string $width): bool
    {
        return match ($width) {
            'tablet' => self::Desktop !== $this,
            'phone' => self::Phone === $this,
            default => false,
        };
    }
}

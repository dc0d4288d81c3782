<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Element;

enum Align: string
{
    case Start = 'start';
    case Center = 'center';
    case End = 'end';

    /** How far from the start something stands that leaves this much room. */
    public function offset(float $room): float
    {
        return match ($this) {
            self::Start => 0.0,
            self::Center => $room / 2,
            self::End => $room,
        };
    }
}

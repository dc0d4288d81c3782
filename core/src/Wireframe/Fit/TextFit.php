<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Fit;

/** How one text sits in its slot at one width. */
final readonly class TextFit
{
    /**
     * @param int $lines it takes
     * @param int $holds lines the slot holds well
     * @param int $room  characters that would still fit, or that are too many when below zero
     */
    public function __construct(public int $lines, public int $holds, public int $room)
    {
    }

    public function overflows(): bool
    {
        return $this->lines > $this->holds;
    }

    /** @return array{lines: int, holds: int, room: int, overflows: bool} */
    public function toArray(): array
    {
        return ['lines' => $this->lines, 'holds' => $this->holds, 'room' => $this->room, 'overflows' => $this->overflows()];
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Fit;

/** Texts of items that stand side by side and take very different numbers of lines, and the one to change so that rows line up. */
final readonly class Unevenness
{
    /**
     * @param string $slot   whose texts they are
     * @param int    $item   the one to change
     * @param int    $lines  it takes on the desktop
     * @param int    $others lines that the others take at most, or at least when it is the short one
     */
    public function __construct(public string $slot, public int $item, public int $lines, public int $others)
    {
    }

    public function isTooLong(): bool
    {
        return $this->lines > $this->others;
    }

    /** @return array{slot: string, item: int, lines: int, others: int} */
    public function toArray(): array
    {
        return ['slot' => $this->slot, 'item' => $this->item, 'lines' => $this->lines, 'others' => $this->others];
    }
}

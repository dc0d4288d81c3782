<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Fit;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\CopyStatus;
use DunePocket\Wireframe\Drawing;
use DunePocket\Wireframe\FontMetrics;
use DunePocket\Wireframe\SlotBox;
use DunePocket\Wireframe\Viewport;

/** Reads off drawings how the texts of a section sit in their slots. A request to the client is not a text yet and is left out. */
final readonly class FitReader
{
    /** Lines that texts side by side may differ before it shows. */
    private const UNEVEN = 2;

    private FontMetrics $font;

    public function __construct(private Catalogue $catalogue)
    {
        $this->font = FontMetrics::shipped();
    }

    /**
     * @param array<string, Drawing> $drawings of one section, by desktop, tablet and phone
     *
     * @return list<SlotFit> in reading order
     */
    public function of(array $drawings): array
    {
        $fits = [];
        foreach ($drawings as $width => $drawing) {
            foreach ($drawing->slots as $box) {
                $holds = $this->holds($box, $width);
                if (null !== $holds) {
                    $fits[$box->slot.'/'.($box->item ?? '')][] = [$box, $width, new TextFit($box->lines, $holds, $this->room($box, $holds))];
                }
            }
        }

        return array_values(array_map(static fn (array $of): SlotFit => new SlotFit($of[0][0]->slot, $of[0][0]->item, array_column($of, 2, 1)), $fits));
    }

    /**
     * Where the texts of items that stand side by side on the desktop differ most.
     *
     * @return list<Unevenness> at most one for each slot
     */
    public function uneven(Drawing $desktop): array
    {
        $rows = [];
        foreach ($desktop->slots as $box) {
            if (null !== $box->item && \in_array($box->slot, ['item-heading', 'item-text', 'quote'], true) && CopyStatus::ToSupply->value !== $box->status) {
                $rows[$box->slot][(string) round($box->y)][$box->item] = $box->lines;
            }
        }
        $uneven = [];
        foreach ($rows as $slot => $byTop) {
            $worst = null;
            foreach ($byTop as $lines) {
                $found = \count($lines) > 1 ? $this->worst((string) $slot, $lines) : null;
                $worst = null !== $found && (null === $worst || abs($found->lines - $found->others) > abs($worst->lines - $worst->others)) ? $found : $worst;
            }
            if (null !== $worst) {
                $uneven[] = $worst;
            }
        }

        return $uneven;
    }

    /** @param array<int, int> $lines by item */
    private function worst(string $slot, array $lines): ?Unevenness
    {
        asort($lines);
        $items = array_keys($lines);
        $last = \count($items) - 1;
        $above = $lines[$items[$last]] - $lines[$items[$last - 1]];
        $below = $lines[$items[1]] - $lines[$items[0]];
        if (max($above, $below) < self::UNEVEN) {
            return null;
        }

        return $above >= $below
            ? new Unevenness($slot, $items[$last], $lines[$items[$last]], $lines[$items[$last - 1]])
            : new Unevenness($slot, $items[0], $lines[$items[0]], $lines[$items[1]]);
    }

    private function holds(SlotBox $box, string $width): ?int
    {
        if ($box->media || CopyStatus::ToSupply->value === $box->status) {
            return null;
        }
        $at = Viewport::from($width)->index();

        $usual = $this->catalogue->slotKind($box->slot)->fits;

        return null === $box->holds || null === $usual ? $usual[$at] ?? null : $box->holds + $usual[$at] - $usual[0];
    }

    /** Characters, by the average width of a lower-case letter with its share of spaces. */
    private function room(SlotBox $box, int $holds): int
    {
        $character = $this->font->width('eeeaaaoootttnnniiisssrrrhhhlllddduuucmfgpywbvk     ', $box->style->size, $box->style->weight) / 51;
        $left = ($holds - $box->lines) * $box->width + $box->width - $box->lastLine;

        return (int) floor($left / $character);
    }
}

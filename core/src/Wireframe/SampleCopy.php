<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Catalogue\Layout;
use DunePocket\Plan\CopyLine;
use DunePocket\Plan\CopyRole;
use DunePocket\Plan\CopyStatus;
use DunePocket\Plan\Section;

/** Fills a layout with made-up words, to look at it and to measure it: short, typical or long. */
final readonly class SampleCopy
{
    public const LENGTHS = ['short', 'typical', 'long'];

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @param string $length short, typical or long */
    public function section(Layout $layout, string $length): Section
    {
        $kind = $this->catalogue->sectionKind($layout->section);
        $shown = $layout->tree->slots();
        $at = (int) array_search($length, self::LENGTHS, true);
        $copy = [];
        foreach ($kind->slots as $slot => $role) {
            if (\in_array($slot, $shown, true)) {
                $copy[] = $this->line($slot, $role, $at, null);
            }
        }
        $slots = array_intersect_key($kind->items, array_flip($shown));
        for ($item = 0; [] !== $slots && $item < $this->items($layout, $at); ++$item) {
            foreach ($slots as $slot => $role) {
                $copy[] = $this->line($slot, $role, $at, $item);
            }
        }

        return new Section('s-'.strtr($layout->id, '.', '-'), $layout->section, $layout->label, 'Shows the layout.', $layout->id, copy: $copy);
    }

    private function items(Layout $layout, int $at): int
    {
        [$fewest, $most] = $layout->items ?? [2, 6];

        return max($fewest, min($most, [2, 4, 6][$at]));
    }

    private function line(string $slot, string $role, int $at, ?int $item): CopyLine
    {
        $samples = $this->catalogue->sampleCopy();
        $texts = $samples[$slot] ?? $samples[preg_replace('/-\d+$/', '', $slot)] ?? $samples['other'];
        $choice = $texts[$at];
        $text = \is_array($choice) ? $choice[($item ?? 0) % \count($choice)] : $choice;

        return new CopyLine($slot, CopyRole::from($role), $text, $item, str_starts_with($text, 'Needed:') ? CopyStatus::ToSupply : CopyStatus::Drafted);
    }
}

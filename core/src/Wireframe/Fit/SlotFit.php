<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Fit;

/** How one text sits in its slot at every width at which it is shown. */
final readonly class SlotFit
{
    /** @param array<string, TextFit> $widths by desktop, tablet and phone */
    public function __construct(public string $slot, public ?int $item, public array $widths)
    {
    }

    public function overflows(): bool
    {
        return [] !== array_filter($this->widths, static fn (TextFit $fit): bool => $fit->overflows());
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['slot' => $this->slot, 'item' => $this->item, 'widths' => array_map(static fn (TextFit $fit): array => $fit->toArray(), $this->widths)];
    }
}

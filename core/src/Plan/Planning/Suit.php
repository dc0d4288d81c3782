<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning;

/** How well one kind of section suits one place of a page, and why. */
final readonly class Suit
{
    public function __construct(public string $kind, public Fit $fit, public string $because)
    {
    }

    /** @return array{kind: string, fit: string, because: string} */
    public function toArray(): array
    {
        return ['kind' => $this->kind, 'fit' => $this->fit->value, 'because' => $this->because];
    }
}

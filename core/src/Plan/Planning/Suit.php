<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning;

/** Whether one kind of section suits one place of a page, and why. */
final readonly class Suit
{
    public function __construct(public string $kind, public bool $suits, public string $because)
    {
    }

    /** @return array{kind: string, suits: bool, because: string} */
    public function toArray(): array
    {
        return ['kind' => $this->kind, 'suits' => $this->suits, 'because' => $this->because];
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Html;

/** What one part of a page looks like: CSS declarations for the desktop, and what changes at the tablet and at the phone. */
final readonly class Rules
{
    /**
     * @param array<string, string> $desktop value by property
     * @param array<string, string> $tablet
     * @param array<string, string> $phone
     */
    public function __construct(
        public array $desktop = [],
        public array $tablet = [],
        public array $phone = [],
    ) {
    }

    /** @param array<string, string> $desktop */
    public function with(array $desktop): self
    {
        return new self([...$this->desktop, ...$desktop], $this->tablet, $this->phone);
    }

    /**
     * @param ?string               $width   tablet or phone: at and below it
     * @param array<string, string> $changes
     */
    public function below(?string $width, array $changes): self
    {
        return match ($width) {
            'tablet' => new self($this->desktop, [...$this->tablet, ...$changes], $this->phone),
            'phone' => new self($this->desktop, $this->tablet, [...$this->phone, ...$changes]),
            default => $this,
        };
    }

    public function isEmpty(): bool
    {
        return [] === $this->desktop && [] === $this->tablet && [] === $this->phone;
    }

    public function equals(self $other): bool
    {
        return $this->desktop === $other->desktop && $this->tablet === $other->tablet && $this->phone === $other->phone;
    }
}

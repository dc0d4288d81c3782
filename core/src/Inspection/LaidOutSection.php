<?php

declare(strict_types=1);

namespace DunePocket\Inspection;

use DunePocket\Plan\Planning\Layouts\Choice;
use DunePocket\Plan\Section;
use DunePocket\Wireframe\Draughtsman;
use DunePocket\Wireframe\Drawing;
use DunePocket\Wireframe\Viewport;

/** A section as it is laid out on its page, drawn when somebody asks for it. */
final class LaidOutSection
{
    /** @var array<string, Drawing> by width */
    private array $drawings = [];

    /**
     * @param Section $shown resolved: with its copy, also when it is shared
     */
    public function __construct(
        public readonly string $id,
        public readonly Section $shown,
        public readonly Choice $choice,
        private readonly Draughtsman $draughtsman,
    ) {
    }

    /** The same section in another layout. */
    public function in(Choice $choice): self
    {
        return new self($this->id, $this->shown->withLayout($choice->layout->id), $choice, $this->draughtsman);
    }

    /** What an edit of it names: the shared section, or itself. */
    public function edited(): string
    {
        return $this->shown->shared ?? $this->id;
    }

    public function drawing(Viewport $viewport): Drawing
    {
        return $this->drawings[$viewport->value] ??= $this->draughtsman->drawing($this->shown, $viewport);
    }

    /** @return array<string, Drawing> at all widths */
    public function drawings(): array
    {
        $drawings = [];
        foreach (Viewport::cases() as $viewport) {
            $drawings[$viewport->value] = $this->drawing($viewport);
        }

        return $drawings;
    }

    public function isWholeScreen(): bool
    {
        return $this->choice->layout->full || $this->shown->look->full;
    }
}

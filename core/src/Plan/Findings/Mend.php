<?php

declare(strict_types=1);

namespace DunePocket\Plan\Findings;

use DunePocket\Plan\Navigation;

/** One action that mends a finding or answers what the plan leaves open: what it is called, and the action as it can be sent. */
final readonly class Mend
{
    /** @param array<string, mixed> $action */
    private function __construct(public string $label, public array $action)
    {
    }

    public static function addPage(string $title, ?string $kind = null, ?string $parent = null): self
    {
        return new self("Add “{$title}”", array_filter(['type' => 'add-page', 'title' => $title, 'kind' => $kind], static fn (?string $value): bool => null !== $value) + ['parent' => $parent]);
    }

    public static function removePage(string $page, string $title): self
    {
        return new self("Delete “{$title}”", ['type' => 'remove-page', 'page' => $page]);
    }

    public static function joinPage(string $page, string $into, string $title): self
    {
        return new self("Join it to “{$title}”", ['type' => 'merge-page', 'page' => $page, 'into' => $into]);
    }

    public static function movePage(string $page, ?string $parent, int $index): self
    {
        return new self('Move it up', ['type' => 'move-page', 'page' => $page, 'parent' => $parent, 'index' => $index]);
    }

    public static function navigation(string $page, Navigation $navigation): self
    {
        return new self(match ($navigation) {
            Navigation::Main => 'Put it in the menu',
            Navigation::Footer => 'Put it in the footer',
            Navigation::None => 'Take it out of the menu',
        }, ['type' => 'edit-page', 'page' => $page, 'field' => 'navigation', 'value' => $navigation->value]);
    }

    public static function path(string $page, string $slug): self
    {
        return new self("Call it /{$slug}", ['type' => 'edit-page', 'page' => $page, 'field' => 'slug', 'value' => $slug]);
    }

    public static function addSection(string $page, int $index, string $kind, string $label): self
    {
        return new self("Add “{$label}”", ['type' => 'add-section', 'page' => $page, 'index' => $index, 'kind' => $kind]);
    }

    public static function useShared(string $page, int $index, string $shared, string $label): self
    {
        return new self("Add “{$label}”", ['type' => 'use-shared', 'page' => $page, 'index' => $index, 'shared' => $shared]);
    }

    public static function removeSection(string $section, string $title): self
    {
        return new self("Delete “{$title}”", ['type' => 'remove-section', 'section' => $section]);
    }

    public static function moveSection(string $section, string $page, int $index, string $label = 'Move it'): self
    {
        return new self($label, ['type' => 'move-section', 'section' => $section, 'page' => $page, 'index' => $index]);
    }

    public static function layout(string $section, string $layout, string $label): self
    {
        return new self("Use “{$label}”", ['type' => 'edit-section', 'section' => $section, 'field' => 'layout', 'value' => $layout]);
    }

    /** @param array<string, mixed> $look the settings that change */
    public static function look(string $section, array $look, string $label): self
    {
        return new self($label, ['type' => 'set-look', 'section' => $section, 'look' => $look]);
    }

    public static function showSlot(string $section, string $slot, string $label): self
    {
        return new self($label, ['type' => 'show-slot', 'section' => $section, 'slot' => $slot, 'shown' => true]);
    }

    public static function anotherPage(string $page): self
    {
        return new self('Another go at this page', ['type' => 'another-page', 'page' => $page]);
    }

    /** @return array{label: string, action: array<string, mixed>} */
    public function toArray(): array
    {
        return ['label' => $this->label, 'action' => $this->action];
    }
}

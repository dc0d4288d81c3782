<?php

declare(strict_types=1);

namespace DunePocket\Project\Action;

use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Copy\Drafter;
use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;
use DunePocket\Plan\CopyLine;
use DunePocket\Plan\CopyRole;
use DunePocket\Plan\CopyStatus;
use DunePocket\Plan\Look;
use DunePocket\Plan\Planning\PageSubject;
use DunePocket\Plan\Section;
use DunePocket\Project\Change\Change;
use DunePocket\Project\Change\EditSection;
use DunePocket\Project\Change\InvalidChange;
use DunePocket\Project\Change\ReplaceSection;
use DunePocket\Project\Change\SetLook;
use DunePocket\Project\Change\Several;
use DunePocket\Project\Project;

/** What a designer can do with the wireframe of a section: its look, which slots show, its items, and the same once for many. */
final readonly class WireframeActions
{
    private const MOST_ITEMS = 60;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** The settings that are named change; the others stay. */
    public function look(Node $action, Project $project): Change
    {
        $id = $action->string('section');
        $look = $project->plan->section($id)->look;

        return new SetLook($id, self::checked(new Node([...$look->toArray(), ...$action->raw('look')])));
    }

    /** Another layout together with its settings, as a designer kept them. */
    public function layOut(Node $action, Project $project): Change
    {
        $id = $action->string('section');
        $section = $project->plan->section($id);
        $layout = $action->string('layout');
        if (!$this->catalogue->hasLayout($layout) || !str_starts_with($layout, $section->kind.'.')) {
            throw new InvalidChange('There is no such layout for this kind of section.');
        }

        return new Several([new EditSection($id, 'layout', $layout), new SetLook($id, self::checked($action->child('look')))], \sprintf('Another layout for %s', $section->title));
    }

    /** Shows a slot or hides it. Hidden copy is kept; a slot that never had copy is drafted. */
    public function showSlot(Node $action, Project $project): Change
    {
        $id = $action->string('section');
        $slot = $action->string('slot');
        $shown = $action->bool('shown');
        $section = $project->plan->section($id);
        $kind = $this->catalogue->sectionKind($section->kind);
        if (!isset($kind->slots[$slot]) && !isset($kind->items[$slot])) {
            throw new InvalidChange('This kind of section has no such slot.');
        }
        $hidden = array_values(array_diff($section->look->hidden, [$slot]));
        $look = new SetLook($id, $section->look->withHidden($shown ? $hidden : [...$hidden, $slot]));
        $drafted = $shown ? $this->drafted($section, $slot, $project) : [];
        if ([] === $drafted) {
            return $look;
        }
        $copy = [...$section->copy, ...$drafted];

        return new ReplaceSection($section->withCopy($copy)->withLook($section->look->withHidden($hidden)), 'Show more in');
    }

    /** Another item after the one at an index, like it but still to be written; -1 for the first. */
    public function addItem(Node $action, Project $project): Change
    {
        $section = $project->plan->section($action->string('section'));
        $kind = $this->catalogue->sectionKind($section->kind);
        if ([] === $kind->items || $kind->frame) {
            throw new InvalidChange('This kind of section has no items to add to.');
        }
        $items = $section->items();
        if (\count($items) >= self::MOST_ITEMS) {
            throw new InvalidChange(\sprintf('%d items are the most a section holds.', self::MOST_ITEMS));
        }
        $slots = [] === $items ? array_keys($kind->items) : array_map(static fn (CopyLine $line): string => $line->slot, $items[0]);
        $new = array_map(fn (string $slot): CopyLine => $this->toSupply($kind->items[$slot] ?? 'body', $slot), $slots);
        array_splice($items, max(0, min(\count($items), $action->int('after') + 1)), 0, [$new]);

        return new ReplaceSection($section->withItems($items), 'Add an item to');
    }

    public function removeItem(Node $action, Project $project): Change
    {
        $section = $project->plan->section($action->string('section'));
        $items = $section->items();
        $this->itemExists($items, $action->int('item'));
        array_splice($items, $action->int('item'), 1);

        return new ReplaceSection($section->withItems($items), 'Remove an item from');
    }

    public function moveItem(Node $action, Project $project): Change
    {
        $section = $project->plan->section($action->string('section'));
        $items = $section->items();
        $this->itemExists($items, $action->int('item'));
        $moved = array_splice($items, $action->int('item'), 1);
        array_splice($items, max(0, min(\count($items), $action->int('to'))), 0, $moved);

        return new ReplaceSection($section->withItems($items), 'Reorder the items of');
    }

    /** The layout and the settings of one section for all others of its kind, on all pages or on those named. What is kept stays. */
    public function everywhere(Node $action, Project $project): Change
    {
        $section = $project->plan->section($action->string('section'));
        $changes = [];
        foreach ($this->alike($section, $action->has('pages') ? $action->strings('pages') : null, $project) as $other) {
            $look = match ($action->string('what')) {
                'layout' => $other->look,
                'look', 'both' => $section->look,
                default => throw new InvalidChange('Say what shall be the same: layout, look or both.'),
            };
            if ('look' !== $action->string('what') && $other->layout !== $section->layout) {
                $changes[] = new EditSection($other->id, 'layout', $section->layout);
            }
            if ($look->toArray() !== $other->look->toArray()) {
                $changes[] = new SetLook($other->id, $look);
            }
        }
        if ([] === $changes) {
            throw new InvalidChange('They all look like this already, or are kept.');
        }

        return new Several($changes, \sprintf('Lay out every “%s” like %s', $this->catalogue->sectionKind($section->kind)->label, $section->title));
    }

    /**
     * The sections that would change.
     *
     * @param ?list<string> $pages ids; null for all
     *
     * @return list<Section> of the same kind, not kept, each shared one once
     */
    public function alike(Section $section, ?array $pages, Project $project): array
    {
        $alike = [];
        foreach ($project->plan->pages as $page) {
            foreach (null === $pages || \in_array($page->id, $pages, true) ? $page->sections() : [] as $other) {
                $other = null === $other->shared ? $other : $project->plan->section($other->shared);
                if ($other->kind === $section->kind && $other->id !== $section->id && !$other->kept) {
                    $alike[$other->id] = $other;
                }
            }
        }

        return array_values($alike);
    }

    /** @return list<CopyLine> copy for a slot that has none, once for each item when it belongs to the items */
    private function drafted(Section $section, string $slot, Project $project): array
    {
        $kind = $this->catalogue->sectionKind($section->kind);
        if ([] !== array_filter($section->copy, static fn (CopyLine $line): bool => $line->slot === $slot)) {
            return [];
        }
        if (isset($kind->items[$slot])) {
            return array_map(fn (int $item): CopyLine => $this->toSupply($kind->items[$slot], $slot)->withItem($item), array_keys($section->items()));
        }
        $page = $project->plan->pageOf($section->id);
        $profile = new Profile($project->brief, $this->catalogue);
        $line = null === $page ? null : (new Drafter($this->catalogue, $profile))->further($section->kind, $slot, PageSubject::of($page, $project->brief));

        return [$line ?? $this->toSupply($kind->slots[$slot], $slot)];
    }

    private function toSupply(string $role, string $slot): CopyLine
    {
        return new CopyLine($slot, CopyRole::from($role), 'Needed: '.$this->catalogue->slotKind($slot)->needed, null, CopyStatus::ToSupply);
    }

    /** @throws InvalidChange when a setting is not one of those there are */
    private static function checked(Node $look): Look
    {
        try {
            return Look::fromNode($look);
        } catch (InvalidData $e) {
            throw new InvalidChange($e->getMessage(), 0, $e);
        }
    }

    /** @param list<list<CopyLine>> $items */
    private function itemExists(array $items, int $item): void
    {
        if (!isset($items[$item])) {
            throw new InvalidChange('There is no such item any more.');
        }
    }
}

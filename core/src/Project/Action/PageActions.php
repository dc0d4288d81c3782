<?php

declare(strict_types=1);

namespace DunePocket\Project\Action;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Catalogue\UnknownKind;
use DunePocket\Data\Node;
use DunePocket\Plan\Page;
use DunePocket\Plan\Planning\PagePlace;
use DunePocket\Plan\Planning\Planner;
use DunePocket\Plan\Planning\Variations;
use DunePocket\Plan\PresentSite\Decision;
use DunePocket\Plan\PresentSite\Fate;
use DunePocket\Plan\Section;
use DunePocket\Project\Change\AddPage;
use DunePocket\Project\Change\Change;
use DunePocket\Project\Change\DecideOldPage;
use DunePocket\Project\Change\InvalidChange;
use DunePocket\Project\Change\MoveSection;
use DunePocket\Project\Change\RecordGoes;
use DunePocket\Project\Change\RemovePage;
use DunePocket\Project\Change\ReplacePage;
use DunePocket\Project\Change\Several;
use DunePocket\Project\Change\Text;
use DunePocket\Project\Project;

/** What a designer can do with pages. */
final readonly class PageActions
{
    private PagePlace $place;

    public function __construct(private Catalogue $catalogue, private Planner $planner)
    {
        $this->place = new PagePlace($catalogue->pageKinds());
    }

    public function add(Node $action, Project $project): Change
    {
        $page = $this->planned($action, $project);

        return new AddPage($page, $action->has('index') ? $action->int('index') : $this->place->index($project->plan, $page->kind, $page->parent));
    }

    /** Plans a page for one of the present website that has no place yet. */
    public function keepOld(Node $action, Project $project): Change
    {
        $page = $this->planned($action, $project);

        return new Several([new AddPage($page, $this->place->index($project->plan, $page->kind, $page->parent)), new DecideOldPage($action->string('address'), new Decision(Fate::Keep, $page->id))], "Keep “{$page->title}”");
    }

    /** The sections of one page go to another, its opening and its frame aside; the page goes. */
    public function join(Node $action, Project $project): Change
    {
        $page = $project->plan->page($action->string('page'));
        $into = $project->plan->page($action->string('into'));
        if ($page->id === $into->id || '' === $page->slug) {
            throw new InvalidChange('A page is joined to another one, and Home to none.');
        }
        $index = 0;
        foreach ($into->sections() as $at => $section) {
            $index = null === $section->shared || 0 === $at ? $at + 1 : $index;
        }
        $moved = array_values(array_filter($page->sections(), fn (Section $section): bool => null === $section->shared && !$this->catalogue->sectionKind($section->kind)->lead));
        $changes = array_map(static fn (Section $section, int $i): Change => new MoveSection($section->id, $into->id, $index + $i), $moved, array_keys($moved));

        return new Several([...$changes, new RemovePage($page->id)], "Join {$page->title} to {$into->title}");
    }

    /** Another sound choice of sections that was not shown yet. */
    public function another(Node $action, Project $project): Change
    {
        $page = $project->plan->page($action->string('page'));
        $choices = (new Variations($this->catalogue))->ofPage($project->brief, $project->plan, $page);
        $seen = array_values(array_unique([...$project->decisions->goes[$page->id] ?? [], Variations::mark(...$page->sections())]));
        foreach ($choices as $choice) {
            if (!\in_array(Variations::mark(...$choice->sections()), $seen, true)) {
                return new Several([new ReplacePage($choice), new RecordGoes($page->id, $seen)], "Another go at page {$page->title}");
            }
        }

        throw new InvalidChange(\sprintf('You have seen all %d choices for this page. Undo leads back to any of them.', \count($choices) + 1));
    }

    /** @throws InvalidChange when there is no such kind of page */
    public function planned(Node $action, Project $project): Page
    {
        $title = Text::line($action->string('title'), 'A page needs a title.');
        $kind = $action->string('kind', $this->catalogue->pageKinds()->named($title) ?? 'page');
        $parent = $action->optionalString('parent');
        if (null !== $parent) {
            $project->plan->page($parent);
        }
        try {
            $this->catalogue->pageKinds()->get($kind);
        } catch (UnknownKind $e) {
            throw new InvalidChange($e->getMessage(), 0, $e);
        }
        $about = $action->optionalString('about');

        return $this->planner->page($project->brief, $project->plan, $kind, $title, $parent ?? $this->place->parent($project->plan, $kind), null === $about ? null : Text::short(trim($about)));
    }
}

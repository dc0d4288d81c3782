<?php

declare(strict_types=1);

namespace DunePocket\Project\Action;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Data\Node;
use DunePocket\Plan\Page;
use DunePocket\Plan\Planning\Planner;
use DunePocket\Plan\Planning\Variations;
use DunePocket\Plan\Section;
use DunePocket\Project\Change\AddSection;
use DunePocket\Project\Change\Change;
use DunePocket\Project\Change\EditSection;
use DunePocket\Project\Change\InvalidChange;
use DunePocket\Project\Change\MoveSection;
use DunePocket\Project\Change\PutShared;
use DunePocket\Project\Change\RecordGoes;
use DunePocket\Project\Change\RemoveSection;
use DunePocket\Project\Change\RemoveShared;
use DunePocket\Project\Change\ReplaceSection;
use DunePocket\Project\Change\Several;
use DunePocket\Project\Change\Text;
use DunePocket\Project\Project;

/** What a designer can do with sections: one, several at once, or one that several pages share. */
final readonly class SectionActions
{
    private const MOST = 200;

    public function __construct(private Catalogue $catalogue, private Planner $planner)
    {
    }

    public function add(Node $action, Project $project): Change
    {
        $kind = $action->string('kind');
        if (!isset($this->catalogue->sectionKinds()[$kind])) {
            throw new InvalidChange('There is no such kind of section.');
        }
        $page = $project->plan->page($action->string('page'));
        $index = self::index($action, $page);

        $section = $this->planner->section($project->brief, $project->plan, $page, $index, $kind);
        $title = $action->optionalString('title');
        $purpose = $action->optionalString('purpose');
        $section = null === $title ? $section : $section->withTitle(Text::line($title, 'A section needs a name.'));

        return new AddSection($page->id, $index, null === $purpose || '' === trim($purpose) ? $section : $section->withPurpose(Text::short(trim($purpose))));
    }

    public function duplicate(Node $action, Project $project): Change
    {
        [$page, $index] = $project->plan->place($action->string('section'));

        return new AddSection($page->id, $index + 1, $this->copied($project, $page->sections()[$index], $project->plan->nextSectionId($page->id)), 'Duplicate');
    }

    public function move(Node $action, Project $project): Change
    {
        $sections = $this->sections($action, $project);
        $page = $project->plan->page($action->string('page'));
        $index = self::index($action, $page);
        $changes = [];
        foreach ($sections as $section) {
            [$from, $at] = $project->plan->place($section->id);
            $before = $from->id === $page->id && $at < $index;
            $change = new MoveSection($section->id, $page->id, $before ? $index - 1 : $index++);
            $project = $change->apply($project);
            $changes[] = $change;
        }

        return new Several($changes, \sprintf('Move %s to %s', self::counted($sections), $page->title));
    }

    public function copy(Node $action, Project $project): Change
    {
        $sections = $this->sections($action, $project);
        $page = $project->plan->page($action->string('page'));
        $index = self::index($action, $page);
        $changes = [];
        foreach ($sections as $section) {
            $change = new AddSection($page->id, $index++, $this->copied($project, $section, $project->plan->nextSectionId($page->id)), 'Copy');
            $project = $change->apply($project);
            $changes[] = $change;
        }

        return new Several($changes, \sprintf('Copy %s to %s', self::counted($sections), $page->title));
    }

    public function remove(Node $action, Project $project): Change
    {
        $sections = $this->sections($action, $project);

        return new Several(array_map(static fn (Section $section): Change => new RemoveSection($section->id), $sections), 'Delete '.self::counted($sections));
    }

    public function keep(Node $action, Project $project): Change
    {
        $sections = $this->sections($action, $project);
        $kept = $action->bool('kept');
        $ids = array_values(array_unique(array_map(static fn (Section $section): string => $section->shared ?? $section->id, $sections)));

        return new Several(array_map(static fn (string $id): Change => new EditSection($id, 'kept', $kept ? 'yes' : 'no'), $ids), ($kept ? 'Keep ' : 'Let go of ').self::counted($sections));
    }

    /** The section goes among the shared ones, and its page stands for it from then on. */
    public function share(Node $action, Project $project): Change
    {
        [$page, $at] = $project->plan->place($action->string('section'));
        $section = $page->sections()[$at];
        if (null !== $section->shared) {
            throw new InvalidChange('This section is shared already.');
        }
        $id = $project->plan->nextSharedId();
        $reference = Section::standingFor($section->withId($id), $section->id);

        return new Several([new PutShared($section->withId($id), \count($project->plan->shared)), new ReplaceSection($reference, 'Share')], "Share {$section->title}");
    }

    public function useShared(Node $action, Project $project): Change
    {
        $page = $project->plan->page($action->string('page'));
        $id = $action->string('shared');
        foreach ($project->plan->shared as $shared) {
            if ($shared->id === $id) {
                return new AddSection($page->id, self::index($action, $page), Section::standingFor($shared, $project->plan->nextSectionId($page->id)));
            }
        }

        throw new InvalidChange('There is no such shared section any more.');
    }

    /** The page gets a section of its own with what the shared one says; a shared one that no page shows any more goes. */
    public function detach(Node $action, Project $project): Change
    {
        [$page, $at] = $project->plan->place($action->string('section'));
        $section = $page->sections()[$at];
        if (null === $section->shared) {
            throw new InvalidChange('This section is on this page alone.');
        }
        $shown = $project->plan->shown($section);
        $own = $shown->withShared(null);
        $changes = [new ReplaceSection($own, 'Detach')];
        if (1 === $project->plan->timesShared($section->shared)) {
            $changes[] = new RemoveShared($section->shared);
        }

        return new Several($changes, "Detach {$shown->title}");
    }

    /** Another sound choice that was not shown yet. */
    public function another(Node $action, Project $project): Change
    {
        [$page, $at] = $project->plan->place($action->string('section'));
        $section = $page->sections()[$at];
        $shown = $project->plan->shown($section);
        if ($shown->kept) {
            throw new InvalidChange('This section is kept. Let go of it first.');
        }
        $choices = (new Variations($this->catalogue))->ofSection($project->brief, $project->plan, $page, $section);
        $seen = [...$project->decisions->goes[$section->id] ?? [], Variations::mark($shown)];
        foreach ($choices as $choice) {
            if (!\in_array(Variations::mark($choice), $seen, true)) {
                return new Several([new ReplaceSection($choice), new RecordGoes($section->id, array_values(array_unique($seen)))], "Another go at {$shown->title}");
            }
        }

        throw new InvalidChange(\sprintf('You have seen all %d choices for this section. Undo leads back to any of them.', \count($choices) + 1));
    }

    private function copied(Project $project, Section $section, string $id): Section
    {
        return null === $section->shared ? $section->withId($id) : Section::standingFor($project->plan->shown($section)->withId($section->shared), $id);
    }

    /**
     * @return list<Section> in the order of the plan
     *
     * @throws InvalidChange when none is named, or too many
     */
    private function sections(Node $action, Project $project): array
    {
        $ids = array_values(array_unique($action->strings('sections')));
        if ([] === $ids || \count($ids) > self::MOST) {
            throw new InvalidChange(\sprintf('Choose between one and %d sections.', self::MOST));
        }
        $sections = [];
        foreach ($ids as $id) {
            [$page, $at] = $project->plan->place($id);
            $sections[\sprintf('%05d %05d', $project->plan->pageIndex($page->id), $at)] = $page->sections()[$at];
        }
        ksort($sections);

        return array_values($sections);
    }

    private static function index(Node $action, Page $page): int
    {
        return max(0, min(\count($page->sections()), $action->int('index')));
    }

    /** @param list<Section> $sections */
    private static function counted(array $sections): string
    {
        return 1 === \count($sections) ? $sections[0]->title : \count($sections).' sections';
    }
}

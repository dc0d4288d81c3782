<?php

declare(strict_types=1);

namespace DunePocket\App\Project;

use DunePocket\App\Entity\ProjectRecord;
use DunePocket\App\Form\FormDesk;
use DunePocket\App\Review\CommentBook;
use DunePocket\Brief\Assessment\Assessor;
use DunePocket\Brief\Assessment\Question;
use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Source;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Exchange\Formats;
use DunePocket\Plan\CopyLine;
use DunePocket\Plan\CopyStatus;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Section;
use DunePocket\Project\Project;
use DunePocket\Wireframe\Draughtsman;

/** Shows projects to the interface: what is stored, with what the core computes from it. */
final readonly class ProjectPresenter
{
    public function __construct(
        private Catalogue $catalogue,
        private ProjectStore $store,
        private Assessor $assessor,
        private Draughtsman $draughtsman,
        private CommentBook $comments,
        private Formats $formats,
        private FormDesk $forms,
    ) {
    }

    /** @return array<string, mixed> */
    public function whole(ProjectRecord $record, Project $project): array
    {
        return [
            'id' => $record->id(),
            'language' => $project->language,
            'brief' => $this->brief($project->brief),
            'pages' => array_map(fn (Page $page): array => $this->page($project->plan, $page), $project->plan->pages),
            'shared' => array_map(fn (Section $section): array => $this->shared($project->plan, $section), $project->plan->shared),
        ] + $this->state($record, $project);
    }

    /** @return array<string, mixed> only what differs, and the state as it is now */
    public function changed(ProjectRecord $record, Project $before, Project $after): array
    {
        $pages = array_values(array_filter($after->plan->pages, static fn (Page $page): bool => $before->plan->findPage($page->id) !== $page));
        $changed = ['pages' => array_map(fn (Page $page): array => $this->page($after->plan, $page), $pages)] + $this->state($record, $after);
        if ($before->brief !== $after->brief) {
            $changed['brief'] = $this->brief($after->brief);
        }
        if ($this->resolvedShared($before->plan) != $this->resolvedShared($after->plan)) {
            $changed['shared'] = array_map(fn (Section $section): array => $this->shared($after->plan, $section), $after->plan->shared);
        }

        return $changed;
    }

    /** @return array<string, mixed> */
    public function page(Plan $plan, Page $page): array
    {
        return [
            'id' => $page->id,
            'kind' => $page->kind,
            'kindLabel' => $this->catalogue->pageKinds()->has($page->kind) ? $this->catalogue->pageKinds()->get($page->kind)->label : $page->kind,
            'support' => !$this->catalogue->pageKinds()->counts($page->kind),
            'parent' => $page->parent,
            'title' => $page->title,
            'slug' => $page->slug,
            'navigation' => $page->navigation->value,
            'repeats' => $page->repeats,
            'purpose' => $page->purpose,
            'reasons' => array_map(static fn ($reason): array => $reason->toArray(), $page->reasons),
            'search' => $page->search->toArray(),
            'sections' => array_map(fn (Section $section): array => $this->section($section), $page->sections()),
        ];
    }

    /** @return array<string, mixed> */
    private function section(Section $section): array
    {
        $view = [
            'id' => $section->id,
            'kind' => $section->kind,
            'kindLabel' => $this->catalogue->sectionKind($section->kind)->label,
            'frame' => $this->catalogue->sectionKind($section->kind)->frame,
            'title' => $section->title,
            'purpose' => $section->purpose,
            'layout' => $section->layout,
            'layoutLabel' => $this->catalogue->layout($section->layout)->label,
            'look' => $section->look->toArray(),
            'shared' => $section->shared,
            'kept' => $section->kept,
            'reasons' => array_map(static fn ($reason): array => $reason->toArray(), $section->reasons),
            'toSupply' => \count(array_filter($section->copy, static fn (CopyLine $line): bool => CopyStatus::ToSupply === $line->status)),
        ];

        return null === $section->shared ? $view + ['thumbnail' => $this->draughtsman->thumbnail($section)] : $view;
    }

    /** @return list<Section> */
    private function resolvedShared(Plan $plan): array
    {
        return array_map($plan->resolve(...), $plan->shared);
    }

    /** @return array<string, mixed> */
    private function shared(Plan $plan, Section $section): array
    {
        return ['thumbnail' => $this->draughtsman->thumbnail($plan->resolve($section))] + $this->section($section);
    }

    /** @return array<string, mixed> */
    public function brief(Brief $brief): array
    {
        return [
            'sources' => array_map(static fn (Source $source): array => $source->toArray(), $brief->sources),
            'facts' => [
                ...array_map(fn (Fact $fact): array => $this->fact($fact, false), $brief->facts),
                ...array_map(fn (Fact $fact): array => $this->fact($fact, true), $brief->struck),
            ],
            'questions' => array_map(static fn (Question $question): array => $question->toArray(), $this->assessor->questions($brief)),
            'skipped' => array_map(static fn (Question $question): array => $question->toArray(), $this->assessor->skipped($brief)),
            'score' => $this->assessor->score($brief)->toArray(),
            'guesses' => $this->assessor->guesses($brief),
        ];
    }

    /** @return array<string, mixed> */
    public function fact(Fact $fact, bool $struck): array
    {
        return ['label' => $fact->kind->label(), 'group' => $fact->kind->group(), 'shown' => $this->shown($fact), 'note' => ($struck ? $fact->detail(Fact::OVERRULED) ?? $fact->detail(Fact::GAVE_WAY) : null) ?? $this->note($fact), 'struck' => $struck] + $fact->toArray();
    }

    /** What was measured of it, or what it was concluded from. */
    private function note(Fact $fact): ?string
    {
        $measured = $fact->detail('measured');
        $hint = $fact->detail('hint');

        return match (true) {
            null !== $measured => FactKind::Tone === $fact->kind ? "Concluded from how the sample is written, $measured" : $measured,
            null !== $fact->detail('text') => $fact->detail('text'),
            null !== $fact->detail(Fact::FROM) => \sprintf('From %s', $fact->detail(Fact::FROM)),
            null !== $hint && Origin::Inferred === $fact->origin => "Concluded from “{$hint}”",
            default => null,
        };
    }

    private function shown(Fact $fact): string
    {
        $shown = match ($fact->kind) {
            FactKind::Goal, FactKind::SecondaryGoal => $this->catalogue->goals()[$fact->value]->label ?? $fact->value,
            FactKind::Feature => $this->catalogue->features()[$fact->value]->label ?? $fact->value,
            FactKind::Tone, FactKind::BusinessKind => ucfirst($fact->value),
            default => $fact->value,
        };
        $terms = array_filter([$fact->detail('duration'), $fact->detail('place'), $fact->detail('price'), $fact->detail('discount')], is_string(...));
        $said = implode("\n", [$shown, ...$terms]);
        $beside = array_filter($terms, static fn (string $term): bool => 1 === substr_count($said, $term));
        $by = $fact->detail('by');

        return implode(' · ', [null === $by ? $shown : "“{$shown}” – $by", ...$beside]);
    }

    /** @return array<string, mixed> */
    private function state(ProjectRecord $record, Project $project): array
    {
        $plan = $project->plan;
        $copy = $plan->figures();

        return [
            'name' => $project->name,
            'revision' => $record->revision,
            ...$this->store->steps($record),
            'order' => array_map(static fn (Page $page): array => ['id' => $page->id, 'path' => $plan->path($page), 'depth' => $plan->depth($page)], $plan->pages),
            'figures' => [
                'score' => $record->score,
                'pages' => \count($plan->pages),
                'counted' => \count(array_filter($plan->pages, fn (Page $page): bool => $this->catalogue->pageKinds()->counts($page->kind))),
                'wished' => $project->brief->first(FactKind::PageCount)?->value,
                'written' => 0 === $copy->lines ? 0 : (int) round(100 * ($copy->lines - $copy->toSupply) / $copy->lines),
                'toSupply' => $copy->toSupply,
                'words' => $copy->words,
                'openComments' => $this->comments->open($record),
                'outputs' => $plan->isEmpty() ? 0 : \count($this->formats->all),
                'rounds' => $this->comments->rounds($record),
                'answers' => $this->forms->waiting($record),
            ],
        ];
    }
}

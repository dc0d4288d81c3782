<?php

declare(strict_types=1);

namespace DunePocket\Exchange;

use DunePocket\Brief\Assessment\Assessor;
use DunePocket\Brief\Assessment\Question;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Source;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Inspector;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Section;
use DunePocket\Project\Project;

/** Writes the project file: everything a project holds, as one JSON document. */
final readonly class ProjectFileWriter implements ExportFormat
{
    public const FORMAT = 'dune-pocket/project';
    public const VERSION = 1;

    public function __construct(private Catalogue $catalogue)
    {
    }

    public function name(): string
    {
        return 'project';
    }

    public function label(): string
    {
        return 'Project file';
    }

    public function describe(): string
    {
        return 'Everything this project holds, as one open JSON document. Comes back in without loss.';
    }

    public function mediaType(): string
    {
        return 'application/json';
    }

    public function extension(): string
    {
        return '.dune.json';
    }

    public function write(Project $project, string $address = ''): string
    {
        return json_encode($this->document($project), \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION | \JSON_THROW_ON_ERROR)."\n";
    }

    /** @return array<string, mixed> */
    public function document(Project $project): array
    {
        $assessor = new Assessor($this->catalogue);
        $brief = $project->brief;

        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'name' => $project->name,
            'language' => $project->language,
            'brief' => [
                'sources' => array_map(static fn (Source $source): array => $source->toArray(), $brief->sources),
                'facts' => array_map(static fn (Fact $fact): array => $fact->toArray(), $brief->facts),
                'struck' => array_map(static fn (Fact $fact): array => $fact->toArray(), $brief->struck),
                'questions' => array_map(static fn (Question $question): array => $question->toArray(), $assessor->questions($brief)),
                'skipped' => $brief->skipped,
                'score' => $assessor->score($brief)->toArray(),
            ],
            'pages' => array_map(fn (Page $page): array => $this->page($project->plan, $page), $project->plan->pages),
            'shared' => array_map(static fn (Section $section): array => $section->toArray(), $project->plan->shared),
            'decisions' => $project->decisions->toArray(),
            'later' => array_map(static fn (Fact $fact): array => ['text' => $fact->value, 'facts' => [$fact->id]], [...$brief->of(FactKind::DesignNote), ...$brief->of(FactKind::AdmiredSite)]),
            'findings' => array_map(static fn (Finding $finding): array => $finding->toArray(), (new Inspector($this->catalogue))->inspect($project)),
        ];
    }

    /** @return array<string, mixed> */
    private function page(Plan $plan, Page $page): array
    {
        $array = $page->toArray();
        $resolved = array_map(static fn (Section $section): array => $plan->resolve($section)->toArray(), $page->sections());

        return [
            'id' => $page->id,
            'parent' => $page->parent,
            'kind' => $page->kind,
            'title' => $page->title,
            'slug' => $page->slug,
            'path' => $plan->path($page),
            'sections' => $resolved,
        ] + $array;
    }
}

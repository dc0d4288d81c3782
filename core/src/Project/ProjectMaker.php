<?php

declare(strict_types=1);

namespace DunePocket\Project;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\PageRange;
use DunePocket\Brief\Reading\BriefReader;
use DunePocket\Brief\Source;
use DunePocket\Brief\SourceKind;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Planning\Planner;

/** Makes projects from briefs. */
final readonly class ProjectMaker
{
    private const LONGEST_NAME = 120;

    private BriefReader $reader;
    private Planner $planner;

    public function __construct(Catalogue $catalogue)
    {
        $this->reader = new BriefReader($catalogue);
        $this->planner = new Planner($catalogue);
    }

    /** A project with the brief read and no plan yet. */
    public function read(string $text, string $sourceTitle, ?string $name = null): Project
    {
        $brief = $this->reader->read(new Source('s1', $sourceTitle, SourceKind::Text, $text));

        return new Project(mb_substr($name ?? $brief->first(FactKind::BusinessName)->value ?? $sourceTitle, 0, self::LONGEST_NAME), $brief);
    }

    public function plan(Project $project, ?PageRange $range = null, int $seed = 0): Project
    {
        return $project->withPlan($this->planner->plan($project->brief, $range, $seed));
    }
}

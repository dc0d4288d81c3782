<?php

declare(strict_types=1);

namespace DunePocket\Project;

use DunePocket\Brief\Brief;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\InvalidBrief;
use DunePocket\Brief\PageRange;
use DunePocket\Brief\Reading\BriefReader;
use DunePocket\Brief\Sources\SourceReader;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Language\LanguageTag;
use DunePocket\Language\Typography;
use DunePocket\Plan\Planning\Planner;

/** Makes projects from briefs. */
final readonly class ProjectMaker
{
    private const LONGEST_NAME = 120;

    private BriefReader $reader;
    private Planner $planner;

    public function __construct(Catalogue $catalogue, private SourceReader $sources = new SourceReader())
    {
        $this->reader = new BriefReader($catalogue);
        $this->planner = new Planner($catalogue);
    }

    /**
     * A project with the brief read and no plan yet.
     *
     * @param string $bytes of a text or of a file that the sources can read
     *
     * @throws InvalidBrief
     */
    public function read(string $bytes, string $sourceTitle, ?string $name = null): Project
    {
        $brief = $this->reader->read($this->sources->read($bytes, $sourceTitle, 's1'));

        return new Project(mb_substr($name ?? $this->workingName($brief) ?? $sourceTitle, 0, self::LONGEST_NAME), $brief, language: $this->draftedIn($brief));
    }

    /** Copy is drafted in English; which English, the brief may say. */
    private function draftedIn(Brief $brief): string
    {
        $tag = LanguageTag::canonical($brief->first(FactKind::Language)?->detail('tag') ?? '');

        return null !== $tag && str_starts_with($tag, 'en') ? $tag : 'en';
    }

    /** The business's own name, or what it is and where: "Scaffolding firm, Dunmere". */
    private function workingName(Brief $brief): ?string
    {
        $kind = $brief->first(FactKind::BusinessKind)?->value;

        return $brief->first(FactKind::BusinessName)->value
            ?? (null === $kind ? null : Typography::capital(implode(', ', array_filter([$kind, $brief->first(FactKind::Location)?->value]))));
    }

    public function plan(Project $project, ?PageRange $range = null, int $seed = 0): Project
    {
        return $project->withPlan($this->planner->plan($project->brief, $range, $seed));
    }
}

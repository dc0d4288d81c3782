<?php

declare(strict_types=1);

namespace DunePocket\App\Project;

use DunePocket\Plan\Coverage;
use DunePocket\Plan\CoverageItem;
use DunePocket\Plan\CoverageMender;
use DunePocket\Plan\Effort\Estimator;
use DunePocket\Plan\Findings\Finding;
use DunePocket\Plan\Findings\Inspector;
use DunePocket\Plan\PresentSite\PresentSite;
use DunePocket\Plan\PresentSite\Verdict;
use DunePocket\Project\Project;
use DunePocket\Studio\Rate;

/** Shows what is computed from the whole plan; asked for apart, so that a change never waits for it. */
final readonly class ChecksPresenter
{
    public function __construct(private Coverage $coverage, private Inspector $inspector, private PresentSite $presentSite, private CoverageMender $mender, private Estimator $estimator)
    {
    }

    /** @return array<string, mixed> */
    public function of(Project $project, int $revision, Rate $rate): array
    {
        return [
            'revision' => $revision,
            'effort' => $this->effort($project, $rate),
            'coverage' => array_map(fn (CoverageItem $item): array => ['fact' => $item->fact->id, 'where' => $item->where, 'mend' => [] === $item->where ? $this->mender->mend($item->fact, $project->plan)?->toArray() : null], $this->coverage->of($project->plan, $project->brief)),
            'findings' => array_map(static fn (Finding $finding): array => $finding->toArray(), $this->inspector->inspect($project)),
            'presentSite' => array_map(static fn (Verdict $verdict): array => $verdict->toArray(), $this->presentSite->verdicts($project->brief, $project->plan, $project->decisions->oldPages)),
        ];
    }

    /** @return array<string, mixed> */
    private function effort(Project $project, Rate $rate): array
    {
        $effort = $this->estimator->estimate($project->plan);

        return [
            'hours' => $effort->hours(),
            'parts' => array_map(static fn (string $name, float $hours): array => ['name' => $name, 'hours' => round($hours, 1)], array_keys($effort->parts), array_values($effort->parts)),
            'cost' => $rate->hourly > 0 ? ['amount' => round($effort->hours() * $rate->hourly), 'currency' => $rate->currency] : null,
        ];
    }
}

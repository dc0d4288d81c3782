<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\Node;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Section;
use DunePocket\Project\Project;

/** Puts a whole plan in place of the present one: planning from the brief, or taking that back. */
final readonly class ReplacePlan implements Change
{
    public function __construct(private Plan $plan)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self(new Plan(array_map(Page::fromNode(...), $node->children('pages')), array_map(Section::fromNode(...), $node->children('shared'))));
    }

    public function apply(Project $project): Project
    {
        return $project->withPlan($this->plan);
    }

    public function invert(Project $before): Change
    {
        return new self($before->plan);
    }

    public function describe(Project $before): string
    {
        return $before->plan->isEmpty() ? 'Plan the site' : ($this->plan->isEmpty() ? 'Take the plan away' : 'Plan the site anew');
    }

    public function touches(): array
    {
        return ['everything'];
    }

    public function toArray(): array
    {
        return [
            'pages' => array_map(static fn (Page $page): array => $page->toArray(), $this->plan->pages),
            'shared' => array_map(static fn (Section $section): array => $section->toArray(), $this->plan->shared),
        ];
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\Node;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Section;
use DunePocket\Plan\UnknownElement;
use DunePocket\Project\Project;

/** Takes a section out of those that pages share; no page may stand for it any more. */
final readonly class RemoveShared implements Change
{
    public function __construct(private string $section)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->string('section'));
    }

    public function apply(Project $project): Project
    {
        $plan = $project->plan;
        if ($plan->timesShared($this->section) > 0) {
            throw new InvalidChange('This section still stands on a page.');
        }

        return $project->withPlan(new Plan($plan->pages, array_values(array_filter($plan->shared, fn (Section $section): bool => $section->id !== $this->section))));
    }

    public function invert(Project $before): Change
    {
        foreach ($before->plan->shared as $index => $section) {
            if ($section->id === $this->section) {
                return new PutShared($section, $index);
            }
        }

        throw new UnknownElement('This shared section is not in the plan any more.');
    }

    public function describe(Project $before): string
    {
        return 'Remove a shared section';
    }

    public function touches(): array
    {
        return ['section:'.$this->section];
    }

    public function toArray(): array
    {
        return ['section' => $this->section];
    }
}

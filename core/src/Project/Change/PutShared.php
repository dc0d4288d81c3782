<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\Node;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Section;
use DunePocket\Project\Project;

/** Puts a section among those that several pages share. */
final readonly class PutShared implements Change
{
    public function __construct(private Section $section, private int $index)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self(Section::fromNode($node->child('section')), $node->int('index'));
    }

    public function apply(Project $project): Project
    {
        if ($project->plan->hasShared($this->section->id)) {
            throw new InvalidChange('There is a shared section of this id already.');
        }
        $shared = $project->plan->shared;
        array_splice($shared, max(0, min(\count($shared), $this->index)), 0, [$this->section]);

        return $project->withPlan(new Plan($project->plan->pages, $shared));
    }

    public function invert(Project $before): Change
    {
        return new RemoveShared($this->section->id);
    }

    public function describe(Project $before): string
    {
        return "Share {$this->section->title}";
    }

    public function touches(): array
    {
        return ['section:'.$this->section->id];
    }

    public function toArray(): array
    {
        return ['section' => $this->section->toArray(), 'index' => $this->index];
    }
}

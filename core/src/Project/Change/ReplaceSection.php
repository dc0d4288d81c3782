<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\Node;
use DunePocket\Plan\Section;
use DunePocket\Project\Project;

/** Puts another section in the place of the one with the same id, on its page or among the shared ones. */
final readonly class ReplaceSection implements Change
{
    public function __construct(private Section $section, private string $verb = 'Another go at')
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self(Section::fromNode($node->child('section')), $node->string('verb', 'Another go at'));
    }

    public function apply(Project $project): Project
    {
        $project->plan->section($this->section->id);

        return $project->withPlan($project->plan->withSection($this->section));
    }

    public function invert(Project $before): Change
    {
        return new self($before->plan->section($this->section->id), $this->verb);
    }

    public function describe(Project $before): string
    {
        return $this->verb.' '.$before->plan->shown($before->plan->section($this->section->id))->title;
    }

    public function touches(): array
    {
        return ['section:'.$this->section->id];
    }

    public function toArray(): array
    {
        return ['section' => $this->section->toArray(), 'verb' => $this->verb];
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\Node;
use DunePocket\Project\Project;

final readonly class RemoveSection implements Change
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
        [$page] = $project->plan->place($this->section);
        $sections = array_values(array_filter($page->sections(), fn ($section): bool => $section->id !== $this->section));

        return $project->withPlan($project->plan->withPage($page->withSections($sections)));
    }

    public function invert(Project $before): Change
    {
        [$page, $index] = $before->plan->place($this->section);

        return new AddSection($page->id, $index, $page->sections()[$index], 'Bring back');
    }

    public function describe(Project $before): string
    {
        return 'Delete '.$before->plan->section($this->section)->title;
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

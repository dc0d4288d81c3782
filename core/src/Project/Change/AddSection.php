<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\Node;
use DunePocket\Plan\Section;
use DunePocket\Project\Project;

final readonly class AddSection implements Change
{
    public function __construct(private string $page, private int $index, private Section $section, private string $verb = 'Add')
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->string('page'), $node->int('index'), Section::fromNode($node->child('section')), $node->string('verb', 'Add'));
    }

    public function apply(Project $project): Project
    {
        $page = $project->plan->page($this->page);
        $sections = $page->sections();
        array_splice($sections, max(0, min(\count($sections), $this->index)), 0, [$this->section]);

        return $project->withPlan($project->plan->withPage($page->withSections($sections)));
    }

    public function invert(Project $before): Change
    {
        return new RemoveSection($this->section->id);
    }

    public function describe(Project $before): string
    {
        return $this->verb.' '.$this->section->title;
    }

    public function touches(): array
    {
        return ['section:'.$this->section->id];
    }

    public function toArray(): array
    {
        return ['page' => $this->page, 'index' => $this->index, 'section' => $this->section->toArray(), 'verb' => $this->verb];
    }
}

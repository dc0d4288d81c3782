<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\Node;
use DunePocket\Plan\Page;
use DunePocket\Project\Project;

/** Puts another page in the place of the one with the same id. */
final readonly class ReplacePage implements Change
{
    public function __construct(private Page $page)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self(Page::fromNode($node->child('page')));
    }

    public function apply(Project $project): Project
    {
        $project->plan->page($this->page->id);

        return $project->withPlan($project->plan->withPage($this->page));
    }

    public function invert(Project $before): Change
    {
        return new self($before->plan->page($this->page->id));
    }

    public function describe(Project $before): string
    {
        return 'Another go at page '.$before->plan->page($this->page->id)->title;
    }

    public function touches(): array
    {
        $sections = array_map(static fn (string $id): string => 'section:'.$id, $this->page->content()->ids());

        return ['page:'.$this->page->id, ...$sections];
    }

    public function toArray(): array
    {
        return ['page' => $this->page->toArray()];
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\Node;
use DunePocket\Plan\Page;
use DunePocket\Project\Project;

final readonly class AddPage implements Change
{
    public function __construct(private Page $page, private int $index)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self(Page::fromNode($node->child('page')), $node->int('index'));
    }

    public function apply(Project $project): Project
    {
        if (null !== $project->plan->findPage($this->page->id)) {
            throw new InvalidChange('A page with this id is in the plan already.');
        }
        $pages = $project->plan->pages;
        array_splice($pages, max(0, min(\count($pages), $this->index)), 0, [$this->page]);

        return $project->withPlan($project->plan->withPages($pages));
    }

    public function invert(Project $before): Change
    {
        return new RemovePage($this->page->id);
    }

    public function describe(Project $before): string
    {
        return 'Add page '.$this->page->title;
    }

    public function touches(): array
    {
        return ['page:'.$this->page->id, 'pages'];
    }

    public function toArray(): array
    {
        return ['page' => $this->page->toArray(), 'index' => $this->index];
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\Node;
use DunePocket\Plan\Page;
use DunePocket\Project\Project;

/** Takes a page out; the pages below it move up to its parent. */
final readonly class RemovePage implements Change
{
    public function __construct(private string $page)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->string('page'));
    }

    public function apply(Project $project): Project
    {
        $gone = $project->plan->page($this->page);
        if ('home' === $gone->kind && '' === $gone->slug) {
            throw new InvalidChange('The home page cannot be deleted.');
        }
        $pages = [];
        foreach ($project->plan->pages as $page) {
            if ($page->id !== $gone->id) {
                $pages[] = $page->parent === $gone->id ? $page->withParent($gone->parent) : $page;
            }
        }

        return $project->withPlan($project->plan->withPages($pages));
    }

    public function invert(Project $before): Change
    {
        $plan = $before->plan;
        $changes = [new AddPage($plan->page($this->page), $plan->pageIndex($this->page))];
        foreach ($plan->children($this->page) as $child) {
            $changes[] = new MovePage($child->id, $this->page, $plan->pageIndex($child->id));
        }

        return 1 === \count($changes) ? $changes[0] : new Several($changes, 'Bring back page '.$plan->page($this->page)->title);
    }

    public function describe(Project $before): string
    {
        return 'Delete page '.($before->plan->findPage($this->page)->title ?? '');
    }

    public function touches(): array
    {
        return ['page:'.$this->page, 'pages'];
    }

    public function toArray(): array
    {
        return ['page' => $this->page];
    }
}

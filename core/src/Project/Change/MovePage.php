<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\Node;
use DunePocket\Project\Project;

/** Puts a page below another one, or at another place in the order. */
final readonly class MovePage implements Change
{
    /** @param int $index in the plan's list of pages once the page is taken out */
    public function __construct(private string $page, private ?string $parent, private int $index)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->string('page'), $node->optionalString('parent'), $node->int('index'));
    }

    public function apply(Project $project): Project
    {
        $plan = $project->plan;
        $page = $plan->page($this->page);
        if ('' === $page->slug) {
            throw new InvalidChange('The home page stays first.');
        }
        if (null !== $this->parent) {
            $plan->page($this->parent);
            if ($plan->isWithin($this->parent, $this->page)) {
                throw new InvalidChange('A page cannot stand below itself.');
            }
        }
        $pages = array_values(array_filter($plan->pages, fn ($other): bool => $other->id !== $this->page));
        array_splice($pages, max(0, min(\count($pages), $this->index)), 0, [$page->withParent($this->parent)]);

        return $project->withPlan($plan->withPages($pages));
    }

    public function invert(Project $before): Change
    {
        return new self($this->page, $before->plan->page($this->page)->parent, $before->plan->pageIndex($this->page));
    }

    public function describe(Project $before): string
    {
        return 'Move page '.($before->plan->findPage($this->page)->title ?? '');
    }

    public function touches(): array
    {
        return ['place:'.$this->page];
    }

    public function toArray(): array
    {
        return ['page' => $this->page, 'parent' => $this->parent, 'index' => $this->index];
    }
}

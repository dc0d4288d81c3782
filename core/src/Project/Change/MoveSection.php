<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\Node;
use DunePocket\Project\Project;

/** Moves a section along its page or to another one. */
final readonly class MoveSection implements Change
{
    /** @param int $index among the sections of the page it comes to, once it is taken out */
    public function __construct(private string $section, private string $page, private int $index)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->string('section'), $node->string('page'), $node->int('index'));
    }

    public function apply(Project $project): Project
    {
        [$from, $at] = $project->plan->place($this->section);
        $section = $from->sections()[$at];
        $plan = $project->plan->withPage($from->withSections(array_values(array_filter($from->sections(), fn ($other): bool => $other->id !== $this->section))));
        $to = $plan->page($this->page);
        $sections = $to->sections();
        array_splice($sections, max(0, min(\count($sections), $this->index)), 0, [$section]);

        return $project->withPlan($plan->withPage($to->withSections($sections)));
    }

    public function invert(Project $before): Change
    {
        [$page, $index] = $before->plan->place($this->section);

        return new self($this->section, $page->id, $index);
    }

    public function describe(Project $before): string
    {
        [$from] = $before->plan->place($this->section);
        $title = $before->plan->section($this->section)->title;

        return $from->id === $this->page ? "Move $title" : \sprintf('Move %s to %s', $title, $before->plan->page($this->page)->title);
    }

    public function touches(): array
    {
        return ['section-place:'.$this->section];
    }

    public function toArray(): array
    {
        return ['section' => $this->section, 'page' => $this->page, 'index' => $this->index];
    }
}

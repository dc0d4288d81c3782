<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Brief\Fact;
use DunePocket\Data\Node;
use DunePocket\Plan\UnknownElement;
use DunePocket\Project\Project;

/** Takes away a fact that was added. */
final readonly class RemoveFact implements Change
{
    public function __construct(private string $fact)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->string('fact'));
    }

    public function apply(Project $project): Project
    {
        return $project->withBrief($project->brief->withFacts(array_values(array_filter($project->brief->facts, fn (Fact $fact): bool => $fact->id !== $this->fact))));
    }

    public function invert(Project $before): Change
    {
        return new PutFact($before->brief->fact($this->fact) ?? throw new UnknownElement('This fact is not on the fact sheet any more.'));
    }

    public function describe(Project $before): string
    {
        return 'Take away '.lcfirst($before->brief->fact($this->fact)?->kind->label() ?? 'fact');
    }

    public function touches(): array
    {
        return ['fact:'.$this->fact];
    }

    public function toArray(): array
    {
        return ['fact' => $this->fact];
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\Node;
use DunePocket\Project\Project;

/** Sets a question aside, or brings it back. */
final readonly class SkipQuestion implements Change
{
    public function __construct(private string $question, private bool $skipped)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->string('question'), $node->bool('skipped', true));
    }

    public function apply(Project $project): Project
    {
        $others = array_values(array_filter($project->brief->skipped, fn (string $id): bool => $id !== $this->question));

        return $project->withBrief($project->brief->withSkipped($this->skipped ? [...$others, $this->question] : $others));
    }

    public function invert(Project $before): Change
    {
        return new self($this->question, \in_array($this->question, $before->brief->skipped, true));
    }

    public function describe(Project $before): string
    {
        return $this->skipped ? 'Skip a question' : 'Bring back a question';
    }

    public function touches(): array
    {
        return ['question:'.$this->question];
    }

    public function toArray(): array
    {
        return ['question' => $this->question, 'skipped' => $this->skipped];
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Brief\Source;
use DunePocket\Data\Node;
use DunePocket\Plan\UnknownElement;
use DunePocket\Project\Project;

/** Takes a source away from the brief; the facts read in it have to be taken away first. */
final readonly class RemoveSource implements Change
{
    public function __construct(private string $source)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->string('source'));
    }

    public function apply(Project $project): Project
    {
        foreach ($project->brief->facts as $fact) {
            if ($fact->quote?->source === $this->source) {
                throw new InvalidChange('Facts on the sheet quote this source.');
            }
        }

        return $project->withBrief($project->brief->withSources(array_values(array_filter($project->brief->sources, fn (Source $source): bool => $source->id !== $this->source))));
    }

    public function invert(Project $before): Change
    {
        return new AddSource($before->brief->source($this->source) ?? throw new UnknownElement('This source is not there any more.'));
    }

    public function describe(Project $before): string
    {
        return \sprintf('Take away the source “%s”', $before->brief->source($this->source)->title ?? '');
    }

    public function touches(): array
    {
        return ['source:'.$this->source];
    }

    public function toArray(): array
    {
        return ['source' => $this->source];
    }
}

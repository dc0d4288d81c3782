<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Brief\Source;
use DunePocket\Data\Node;
use DunePocket\Project\Project;

/** Puts one more source to the brief. What it says is put to the fact sheet by changes of its own. */
final readonly class AddSource implements Change
{
    public function __construct(private Source $source)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self(Source::fromNode($node->child('source')));
    }

    public function apply(Project $project): Project
    {
        if (null !== $project->brief->source($this->source->id)) {
            throw new InvalidChange('This source is there already.');
        }

        return $project->withBrief($project->brief->withSources([...$project->brief->sources, $this->source]));
    }

    public function invert(Project $before): Change
    {
        return new RemoveSource($this->source->id);
    }

    public function describe(Project $before): string
    {
        return \sprintf('Add the source “%s”', $this->source->title);
    }

    public function touches(): array
    {
        return ['source:'.$this->source->id];
    }

    public function toArray(): array
    {
        return ['source' => $this->source->toArray()];
    }
}

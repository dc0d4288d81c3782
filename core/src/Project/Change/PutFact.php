<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Brief\Fact;
use DunePocket\Data\Node;
use DunePocket\Project\Project;

/** Adds a fact, or puts a corrected one in place of the one with the same id. */
final readonly class PutFact implements Change
{
    public function __construct(private Fact $fact)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self(Fact::fromNode($node->child('fact')));
    }

    public function apply(Project $project): Project
    {
        Text::within($this->fact->value, 500);
        if ('' === trim($this->fact->value)) {
            throw new InvalidChange('A fact needs a value. Strike it out if it is wrong.');
        }

        return $project->withBrief($project->brief->withFact($this->fact));
    }

    public function invert(Project $before): Change
    {
        $known = $before->brief->fact($this->fact->id);

        return null === $known ? new RemoveFact($this->fact->id) : new self($known);
    }

    public function describe(Project $before): string
    {
        $verb = match ($before->brief->fact($this->fact->id)?->value) {
            null => 'Add',
            $this->fact->value => 'Confirm',
            default => 'Correct',
        };

        return \sprintf('%s %s', $verb, lcfirst($this->fact->kind->label()));
    }

    public function touches(): array
    {
        return ['fact:'.$this->fact->id];
    }

    public function toArray(): array
    {
        return ['fact' => $this->fact->toArray()];
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Brief\Fact;
use DunePocket\Data\Node;
use DunePocket\Plan\UnknownElement;
use DunePocket\Project\Project;

/** Strikes a fact out, or takes that back. A struck fact stays on the sheet but counts for nothing. */
final readonly class StrikeFact implements Change
{
    public function __construct(private string $fact, private bool $struck)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->string('fact'), $node->bool('struck', true));
    }

    public function apply(Project $project): Project
    {
        $brief = $project->brief;
        $fact = $brief->fact($this->fact) ?? throw new UnknownElement('This fact is not on the fact sheet any more.');
        if (!$this->struck) {
            return (new PutFact($fact))->apply($project->withBrief($brief->withFacts($this->others($brief->facts))->withStruck($this->others($brief->struck))));
        }

        return $project->withBrief($brief->withFacts($this->others($brief->facts))->withStruck([...$this->others($brief->struck), $fact]));
    }

    public function invert(Project $before): Change
    {
        return new self($this->fact, !$this->struck);
    }

    public function describe(Project $before): string
    {
        return ($this->struck ? 'Strike out ' : 'Restore ').lcfirst($before->brief->fact($this->fact)?->kind->label() ?? 'fact');
    }

    public function touches(): array
    {
        return ['fact:'.$this->fact];
    }

    public function toArray(): array
    {
        return ['fact' => $this->fact, 'struck' => $this->struck];
    }

    /**
     * @param list<Fact> $facts
     *
     * @return list<Fact>
     */
    private function others(array $facts): array
    {
        return array_values(array_filter($facts, fn (Fact $other): bool => $other->id !== $this->fact));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\Node;
use DunePocket\Project\Project;

/** Several changes that count as one step. */
final readonly class Several implements Change
{
    /** @param list<Change> $changes */
    public function __construct(private array $changes, private string $title)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self(array_map(ChangeCodec::fromNode(...), $node->children('changes')), $node->string('title'));
    }

    public function apply(Project $project): Project
    {
        foreach ($this->changes as $change) {
            $project = $change->apply($project);
        }

        return $project;
    }

    public function invert(Project $before): Change
    {
        $inverses = [];
        foreach ($this->changes as $change) {
            array_unshift($inverses, $change->invert($before));
            $before = $change->apply($before);
        }

        return new self($inverses, $this->title);
    }

    public function describe(Project $before): string
    {
        return $this->title;
    }

    public function touches(): array
    {
        return array_values(array_unique(array_merge([], ...array_map(static fn (Change $change): array => $change->touches(), $this->changes))));
    }

    public function toArray(): array
    {
        return ['changes' => array_map(ChangeCodec::toArray(...), $this->changes), 'title' => $this->title];
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\Node;
use DunePocket\Plan\UnknownElement;
use DunePocket\Project\Project;

/**
 * One undoable step in the life of a project: a value that can be applied, inverted and written as JSON.
 */
interface Change
{
    public static function fromNode(Node $node): self;

    /**
     * @throws UnknownElement when what it changes is not there (any more)
     * @throws InvalidChange  when it would leave the project broken
     */
    public function apply(Project $project): Project;

    /**
     * The change that takes this one back.
     *
     * @param Project $before the project this change is applied to
     */
    public function invert(Project $before): self;

    /** What it does, for undo and history: "Move The sauna". */
    public function describe(Project $before): string;

    /**
     * What it touches: "page:p1", "section:p1s2", "copy:p1s2/heading", "order:p1". Two changes made at the same
     * time get in each other's way when they touch the same thing.
     *
     * @return list<string>
     */
    public function touches(): array;

    /** @return array<string, mixed> without the type */
    public function toArray(): array;
}

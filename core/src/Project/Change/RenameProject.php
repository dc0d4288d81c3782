<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\Node;
use DunePocket\Project\Project;

final readonly class RenameProject implements Change
{
    public function __construct(private string $name)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->string('name'));
    }

    public function apply(Project $project): Project
    {
        return $project->withName(Text::line($this->name, 'A project needs a name.'));
    }

    public function invert(Project $before): Change
    {
        return new self($before->name);
    }

    public function describe(Project $before): string
    {
        return 'Rename the project';
    }

    public function touches(): array
    {
        return ['name'];
    }

    public function toArray(): array
    {
        return ['name' => $this->name];
    }
}

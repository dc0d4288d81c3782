<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\Node;
use DunePocket\Project\Project;

/** Remembers which choices for a page or a section were shown, so that another go shows none of them again. */
final readonly class RecordGoes implements Change
{
    /**
     * @param string       $element id of the page or section
     * @param list<string> $shown   marks of the choices
     */
    public function __construct(private string $element, private array $shown)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->string('element'), $node->strings('shown'));
    }

    public function apply(Project $project): Project
    {
        return $project->withDecisions($project->decisions->withGoes($this->element, $this->shown));
    }

    public function invert(Project $before): Change
    {
        return new self($this->element, $before->decisions->goes[$this->element] ?? []);
    }

    public function describe(Project $before): string
    {
        return 'Another go';
    }

    public function touches(): array
    {
        return ['goes:'.$this->element];
    }

    public function toArray(): array
    {
        return ['element' => $this->element, 'shown' => $this->shown];
    }
}

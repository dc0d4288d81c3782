<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\Node;
use DunePocket\Plan\Look;
use DunePocket\Project\Project;

/** Settles what a designer can choose about a section beyond its layout: sides, media, which slots show, height, alignment. */
final readonly class SetLook implements Change
{
    public function __construct(private string $section, private Look $look)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->string('section'), Look::fromNode($node->child('look')));
    }

    public function apply(Project $project): Project
    {
        return $project->withPlan($project->plan->withSection($project->plan->section($this->section)->withLook($this->look)));
    }

    public function invert(Project $before): Change
    {
        return new self($this->section, $before->plan->section($this->section)->look);
    }

    public function describe(Project $before): string
    {
        $section = $before->plan->section($this->section);
        $verb = match (true) {
            $section->look->flipped !== $this->look->flipped => 'Flip the side of',
            $section->look->media !== $this->look->media => 'video' === $this->look->media ? 'A video in' : 'A picture in',
            $section->look->full !== $this->look->full => $this->look->full ? 'A whole screen for' : 'No whole screen for',
            $section->look->align !== $this->look->align => 'Align',
            default => 'What shows in',
        };

        return $verb.' '.$section->title;
    }

    public function touches(): array
    {
        return ['section:'.$this->section.'/look'];
    }

    public function toArray(): array
    {
        return ['section' => $this->section, 'look' => $this->look->toArray()];
    }
}

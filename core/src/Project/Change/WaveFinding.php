<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\Node;
use DunePocket\Project\Project;

/** Waves a finding through with a remark, or lets it count again. */
final readonly class WaveFinding implements Change
{
    private const LONGEST_KEY = 500;

    public function __construct(private string $key, private ?string $remark)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->string('key'), $node->optionalString('remark'));
    }

    public function apply(Project $project): Project
    {
        Text::within($this->key, self::LONGEST_KEY);
        $remark = null === $this->remark ? null : Text::short(Text::line($this->remark, 'Say in a few words why this may stay.'));

        return $project->withDecisions($project->decisions->withWaved($this->key, $remark));
    }

    public function invert(Project $before): Change
    {
        return new self($this->key, $before->decisions->waved[$this->key] ?? null);
    }

    public function describe(Project $before): string
    {
        return null === $this->remark ? 'Let a finding count again' : 'Wave a finding through';
    }

    public function touches(): array
    {
        return ['finding:'.$this->key];
    }

    public function toArray(): array
    {
        return ['key' => $this->key, 'remark' => $this->remark];
    }
}

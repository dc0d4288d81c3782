<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;
use DunePocket\Plan\Section;
use DunePocket\Project\Project;

/** Changes one property of a section, shared or not: title, purpose, layout or kept. */
final readonly class EditSection implements Change
{
    private const FIELDS = ['title' => 'Rename', 'purpose' => 'Reword the purpose of', 'layout' => 'Another layout for', 'kept' => 'Keep'];

    public function __construct(private string $section, private string $field, private string $value)
    {
        if (!isset(self::FIELDS[$field])) {
            throw new InvalidData("A section has no property “{$field}” that can be changed.");
        }
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->string('section'), $node->string('field'), $node->string('value'));
    }

    public function apply(Project $project): Project
    {
        $section = $project->plan->section($this->section);

        return $project->withPlan($project->plan->withSection(match ($this->field) {
            'title' => $section->withTitle(Text::line($this->value, 'A section needs a name.')),
            'purpose' => $section->withPurpose(Text::short($this->value)),
            'layout' => $this->withLayout($section),
            default => $section->withKept('yes' === $this->value),
        }));
    }

    public function invert(Project $before): Change
    {
        $section = $before->plan->section($this->section);

        return new self($this->section, $this->field, match ($this->field) {
            'title' => $section->title,
            'purpose' => $section->purpose,
            'layout' => $section->layout,
            default => $section->kept ? 'yes' : 'no',
        });
    }

    public function describe(Project $before): string
    {
        $verb = 'kept' === $this->field && 'yes' !== $this->value ? 'Let go of' : self::FIELDS[$this->field];

        return $verb.' '.$before->plan->section($this->section)->title;
    }

    public function touches(): array
    {
        return ['section:'.$this->section.'/'.$this->field];
    }

    public function toArray(): array
    {
        return ['section' => $this->section, 'field' => $this->field, 'value' => $this->value];
    }

    private function withLayout(Section $section): Section
    {
        if (!str_starts_with($this->value, $section->kind.'.')) {
            throw new InvalidChange('This layout is for another kind of section.');
        }

        return $section->withLayout($this->value);
    }
}

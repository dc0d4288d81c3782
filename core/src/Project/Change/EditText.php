<?php

declare(strict_types=1);

namespace DunePocket\Project\Change;

use DunePocket\Data\Node;
use DunePocket\Plan\CopyLine;
use DunePocket\Plan\CopyRole;
use DunePocket\Plan\CopyStatus;
use DunePocket\Project\Project;

/** Puts a text into a slot; an empty text with no status empties it. */
final readonly class EditText implements Change
{
    public function __construct(
        private string $section,
        private string $slot,
        private ?int $item,
        private string $text,
        private CopyStatus $status = CopyStatus::Edited,
        private ?CopyRole $role = null,
    ) {
    }

    public static function fromNode(Node $node): self
    {
        return new self(
            $node->string('section'),
            $node->string('slot'),
            $node->optionalInt('item'),
            $node->string('text'),
            $node->has('status') ? $node->enum('status', CopyStatus::class) : CopyStatus::Edited,
            $node->has('role') ? $node->enum('role', CopyRole::class) : null,
        );
    }

    public function apply(Project $project): Project
    {
        $section = $project->plan->section($this->section);
        $text = Text::within($this->text, CopyLine::LONGEST);
        $role = $this->role ?? $section->line($this->slot, $this->item)->role ?? CopyRole::Body;

        return $project->withPlan($project->plan->withSection($section->withLine(new CopyLine($this->slot, $role, $text, $this->item, $this->status))));
    }

    public function invert(Project $before): Change
    {
        $line = $before->plan->section($this->section)->line($this->slot, $this->item);

        return new self($this->section, $this->slot, $this->item, $line->text ?? '', $line->status ?? CopyStatus::Edited, $line?->role);
    }

    public function describe(Project $before): string
    {
        return 'Reword '.$before->plan->section($this->section)->title;
    }

    public function touches(): array
    {
        return ['copy:'.$this->section.'/'.$this->slot.'/'.($this->item ?? '')];
    }

    public function toArray(): array
    {
        return ['section' => $this->section, 'slot' => $this->slot, 'item' => $this->item, 'text' => $this->text, 'status' => $this->status->value, 'role' => $this->role?->value];
    }
}

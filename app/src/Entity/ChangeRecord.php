<?php

declare(strict_types=1);

namespace DunePocket\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** One line of the append-only log: what was changed, by whom, when, and how it is taken back. */
#[ORM\Entity(readOnly: true)]
#[ORM\Table(name: 'change')]
#[ORM\UniqueConstraint(name: 'change_revision', columns: ['project_id', 'revision'])]
class ChangeRecord
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(type: Types::INTEGER)]
    private ?int $id = null;

    /**
     * @param array<string, mixed> $change
     * @param array<string, mixed> $inverse
     * @param list<string>         $touches
     * @param string               $kind    do, undo or redo
     */
    public function __construct(
        #[ORM\ManyToOne(targetEntity: ProjectRecord::class)]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private ProjectRecord $project,
        #[ORM\Column(type: Types::INTEGER)]
        private int $revision,
        #[ORM\Column(type: Types::STRING, length: 8)]
        private string $kind,
        #[ORM\Column(type: Types::STRING, length: 300)]
        private string $title,
        #[ORM\Column(type: Types::JSON, options: ['jsonb' => true])]
        private array $change,
        #[ORM\Column(type: Types::JSON, options: ['jsonb' => true])]
        private array $inverse,
        #[ORM\Column(type: Types::JSON)]
        private array $touches,
        #[ORM\Column(type: Types::STRING, length: 120)]
        private string $author,
        #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE)]
        private \DateTimeImmutable $at,
    ) {
    }

    public function id(): ?int
    {
        return $this->id;
    }

    public function project(): ProjectRecord
    {
        return $this->project;
    }

    public function revision(): int
    {
        return $this->revision;
    }

    public function kind(): string
    {
        return $this->kind;
    }

    public function title(): string
    {
        return $this->title;
    }

    /** @return array<string, mixed> */
    public function change(): array
    {
        return $this->change;
    }

    /** @return array<string, mixed> */
    public function inverse(): array
    {
        return $this->inverse;
    }

    /** @return list<string> */
    public function touches(): array
    {
        return $this->touches;
    }

    public function author(): string
    {
        return $this->author;
    }

    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }
}

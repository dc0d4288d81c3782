<?php

declare(strict_types=1);

namespace DunePocket\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** One frozen version sent to the client. */
#[ORM\Entity]
#[ORM\Table(name: 'review_round')]
#[ORM\UniqueConstraint(name: 'round_number', columns: ['project_id', 'number'])]
class ReviewRound
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(type: Types::INTEGER)]
    private ?int $id = null;

    #[ORM\Embedded(columnPrefix: false)]
    private ClientLink $link;

    /** @param array<string, mixed> $snapshot the project file at that moment */
    public function __construct(
        #[ORM\ManyToOne(targetEntity: ProjectRecord::class)]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private ProjectRecord $project,
        #[ORM\Column(type: Types::INTEGER)]
        private int $number,
        #[ORM\Column(type: Types::INTEGER)]
        private int $revision,
        #[ORM\Column(type: Types::JSON)]
        private array $snapshot,
        #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE)]
        private \DateTimeImmutable $madeAt,
    ) {
        $this->link = new ClientLink();
    }

    public function id(): ?int
    {
        return $this->id;
    }

    public function project(): ProjectRecord
    {
        return $this->project;
    }

    public function number(): int
    {
        return $this->number;
    }

    public function revision(): int
    {
        return $this->revision;
    }

    /** @return array<string, mixed> */
    public function snapshot(): array
    {
        return $this->snapshot;
    }

    public function madeAt(): \DateTimeImmutable
    {
        return $this->madeAt;
    }

    public function link(): ClientLink
    {
        return $this->link;
    }
}

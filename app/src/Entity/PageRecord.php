<?php

declare(strict_types=1);

namespace DunePocket\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** One page of a plan: the unit that is loaded and saved. */
#[ORM\Entity]
#[ORM\Table(name: 'page')]
#[ORM\UniqueConstraint(name: 'page_key', columns: ['project_id', 'key'])]
class PageRecord
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(type: Types::INTEGER)]
    private ?int $id = null;

    /** @param array<string, mixed> $data the page as the core writes it */
    public function __construct(
        #[ORM\ManyToOne(targetEntity: ProjectRecord::class, inversedBy: 'pages')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private ProjectRecord $project,
        #[ORM\Column(name: 'key', type: Types::STRING, length: 32)]
        private string $key,
        #[ORM\Column(type: Types::INTEGER)]
        public int $position,
        #[ORM\Column(type: Types::JSON, options: ['jsonb' => true])]
        public array $data,
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

    public function key(): string
    {
        return $this->key;
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\App\Entity;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use DunePocket\Plan\Page;

/** A project as it is stored: the brief as JSON, the pages as rows of their own. */
#[ORM\Entity]
#[ORM\Table(name: 'project')]
#[ORM\Index(columns: ['owner_id', 'changed_at'], name: 'project_by_owner')]
class ProjectRecord
{
    /** @var Collection<string, PageRecord> */
    #[ORM\OneToMany(targetEntity: PageRecord::class, mappedBy: 'project', cascade: ['persist'], orphanRemoval: true, indexBy: 'key')]
    private Collection $pages;

    #[ORM\Column(type: Types::INTEGER)]
    public int $revision = 0;

    #[ORM\Column(type: Types::STRING, length: 8)]
    public string $language = 'en';

    /** @var array<string, mixed> */
    #[ORM\Column(type: Types::JSON, options: ['jsonb' => true])]
    public array $brief = [];

    /** @var list<array<string, mixed>> */
    #[ORM\Column(type: Types::JSON, options: ['jsonb' => true])]
    public array $shared = [];

    /** @var array<string, mixed> */
    #[ORM\Column(type: Types::JSON, options: ['jsonb' => true])]
    public array $decisions = [];

    /** @var array<int, string> names of states, by the revision that led to them */
    #[ORM\Column(type: Types::JSON, options: ['jsonb' => true])]
    public array $stateNames = [];

    /** @var list<int> revisions that can be undone, the last one next */
    #[ORM\Column(type: Types::JSON)]
    public array $undoable = [];

    /** @var list<int> revisions of undo steps that can be redone, the last one next */
    #[ORM\Column(type: Types::JSON)]
    public array $redoable = [];

    #[ORM\Column(type: Types::INTEGER)]
    public int $score = 0;

    #[ORM\Column(type: Types::INTEGER)]
    public int $pageCount = 0;

    public function __construct(
        #[ORM\Id]
        #[ORM\Column(type: Types::GUID)]
        private string $id,
        #[ORM\ManyToOne(targetEntity: Designer::class)]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Designer $owner,
        #[ORM\Column(type: Types::STRING, length: 120)]
        public string $name,
        #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE)]
        public \DateTimeImmutable $changedAt,
    ) {
        $this->pages = new ArrayCollection();
    }

    public function id(): string
    {
        return $this->id;
    }

    public function owner(): Designer
    {
        return $this->owner;
    }

    /** @return list<PageRecord> in the order of the plan */
    public function pages(): array
    {
        $pages = array_values($this->pages->toArray());
        usort($pages, static fn (PageRecord $a, PageRecord $b): int => $a->position <=> $b->position);

        return $pages;
    }

    public function page(string $key): ?PageRecord
    {
        return $this->pages->get($key);
    }

    public function addPage(int $position, Page $page): void
    {
        $this->pages->set($page->id, new PageRecord($this, $page->id, $position, $page));
    }

    public function removePage(string $key): void
    {
        $this->pages->remove($key);
    }
}

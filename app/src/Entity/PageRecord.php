<?php

declare(strict_types=1);

namespace DunePocket\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use DunePocket\Data\Node;
use DunePocket\Plan\CopyFigures;
use DunePocket\Plan\Page;
use DunePocket\Plan\PageContent;
use DunePocket\Plan\Section;

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

    /** @var array<string, mixed> the page without its sections, with their ids and the figures of its copy */
    #[ORM\Column(type: Types::JSON, options: ['jsonb' => true])]
    private array $head = [];

    /** The sections as a JSON document, read only when they are looked at. */
    #[ORM\Column(type: Types::TEXT)]
    private string $sections = '[]';

    public function __construct(
        #[ORM\ManyToOne(targetEntity: ProjectRecord::class, inversedBy: 'pages')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private ProjectRecord $project,
        #[ORM\Column(name: 'key', type: Types::STRING, length: 32)]
        private string $key,
        #[ORM\Column(type: Types::INTEGER)]
        public int $position,
        Page $page,
    ) {
        $this->write($page);
    }

    public function write(Page $page): void
    {
        $this->head = $page->head() + ['content' => $page->content()->ids(), 'figures' => $page->content()->figures()->toArray()];
        $this->sections = json_encode($page->toArray()['sections'], \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE);
    }

    public function read(): Page
    {
        $head = new Node($this->head);
        $figures = $head->has('figures') ? CopyFigures::fromNode($head->child('figures')) : null;

        return Page::fromHead($head, PageContent::deferred($head->strings('content'), $figures, fn (): array => array_map(Section::fromNode(...), Node::fromJson($this->sections)->items())));
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

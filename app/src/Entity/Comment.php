<?php

declare(strict_types=1);

namespace DunePocket\App\Entity;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** A remark on a section of a round, or an answer to one. */
#[ORM\Entity]
#[ORM\Table(name: 'comment')]
class Comment
{
    public const CLIENT = 'client';
    public const DESIGNER = 'designer';

    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(type: Types::INTEGER)]
    private ?int $id = null;

    #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $doneAt = null;

    /** @var Collection<int, Comment> */
    #[ORM\OneToMany(targetEntity: self::class, mappedBy: 'answers')]
    #[ORM\OrderBy(['id' => 'ASC'])]
    private Collection $replies;

    public function __construct(
        #[ORM\ManyToOne(targetEntity: ReviewRound::class)]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private ReviewRound $round,
        #[ORM\Column(type: Types::STRING, length: 32)]
        private string $page,
        #[ORM\Column(type: Types::STRING, length: 32)]
        private string $section,
        #[ORM\Column(type: Types::STRING, length: 8)]
        private string $side,
        #[ORM\Column(type: Types::STRING, length: 120)]
        private string $author,
        #[ORM\Column(type: Types::TEXT)]
        private string $text,
        #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE)]
        private \DateTimeImmutable $at,
        #[ORM\ManyToOne(targetEntity: self::class, inversedBy: 'replies')]
        #[ORM\JoinColumn(onDelete: 'CASCADE')]
        private ?self $answers = null,
    ) {
        $this->replies = new ArrayCollection();
    }

    public function id(): ?int
    {
        return $this->id;
    }

    public function round(): ReviewRound
    {
        return $this->round;
    }

    public function page(): string
    {
        return $this->page;
    }

    public function section(): string
    {
        return $this->section;
    }

    public function side(): string
    {
        return $this->side;
    }

    public function author(): string
    {
        return $this->author;
    }

    public function text(): string
    {
        return $this->text;
    }

    public function at(): \DateTimeImmutable
    {
        return $this->at;
    }

    public function answers(): ?self
    {
        return $this->answers;
    }

    public function doneAt(): ?\DateTimeImmutable
    {
        return $this->doneAt;
    }

    public function markDone(?\DateTimeImmutable $at): void
    {
        $this->doneAt = $at;
    }

    /** @return list<Comment> */
    public function replies(): array
    {
        return array_values($this->replies->toArray());
    }
}

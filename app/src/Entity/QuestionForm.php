<?php

declare(strict_types=1);

namespace DunePocket\App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** Questions sent to the client with the answers as they come in. */
#[ORM\Entity]
#[ORM\Table(name: 'question_form')]
#[ORM\UniqueConstraint(name: 'form_number', columns: ['project_id', 'number'])]
class QuestionForm
{
    #[ORM\Id]
    #[ORM\GeneratedValue]
    #[ORM\Column(type: Types::INTEGER)]
    private ?int $id = null;

    #[ORM\Embedded(columnPrefix: false)]
    private ClientLink $link;

    #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $sentAt = null;

    /** The designer has put the answers to the brief. */
    #[ORM\Column(type: Types::DATETIMETZ_IMMUTABLE, nullable: true)]
    private ?\DateTimeImmutable $takenAt = null;

    /** @var array<string, string> by question */
    #[ORM\Column(type: Types::JSON)]
    private array $answers = [];

    #[ORM\Column(type: Types::STRING, length: 200, nullable: true)]
    private ?string $fileName = null;

    /** The text of the attached file, as it will be read. */
    #[ORM\Column(type: Types::TEXT, nullable: true)]
    private ?string $fileText = null;

    #[ORM\Column(type: Types::STRING, length: 20, nullable: true)]
    private ?string $fileKind = null;

    /** @param list<array{id: string, text: string, hint: string, suggestions: list<string>}> $questions */
    public function __construct(
        #[ORM\ManyToOne(targetEntity: ProjectRecord::class)]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private ProjectRecord $project,
        #[ORM\Column(type: Types::INTEGER)]
        private int $number,
        #[ORM\Column(type: Types::JSON)]
        private array $questions,
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

    public function madeAt(): \DateTimeImmutable
    {
        return $this->madeAt;
    }

    /** @return list<array{id: string, text: string, hint: string, suggestions: list<string>}> */
    public function questions(): array
    {
        return array_map(static fn (array $question): array => $question + ['suggestions' => []], $this->questions);
    }

    /** @return array<string, string> by question */
    public function answers(): array
    {
        return $this->answers;
    }

    public function link(): ClientLink
    {
        return $this->link;
    }

    public function asks(string $question): bool
    {
        return \in_array($question, array_column($this->questions, 'id'), true);
    }

    public function answer(string $question, string $text): void
    {
        $this->answers = [...$this->answers, $question => $text];
    }

    public function attach(string $name, string $text, string $kind): void
    {
        $this->fileName = $name;
        $this->fileText = $text;
        $this->fileKind = $kind;
    }

    public function fileName(): ?string
    {
        return $this->fileName;
    }

    public function fileText(): ?string
    {
        return $this->fileText;
    }

    public function fileKind(): ?string
    {
        return $this->fileKind;
    }

    public function send(\DateTimeImmutable $now): void
    {
        $this->sentAt = $now;
    }

    public function take(\DateTimeImmutable $now): void
    {
        $this->takenAt = $now;
    }

    public function sentAt(): ?\DateTimeImmutable
    {
        return $this->sentAt;
    }

    public function takenAt(): ?\DateTimeImmutable
    {
        return $this->takenAt;
    }
}

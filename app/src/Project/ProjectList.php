<?php

declare(strict_types=1);

namespace DunePocket\App\Project;

use Doctrine\DBAL\Connection;
use DunePocket\App\Entity\Designer;

/** A designer's projects: where each stands, whose turn it is, last change. One query. */
final readonly class ProjectList
{
    public function __construct(private Connection $connection)
    {
    }

    /** @return list<array<string, mixed>> the last changed first */
    public function of(Designer $designer): array
    {
        $rows = $this->connection->fetchAllAssociative(<<<'SQL'
            SELECT p.id, p.name, p.score, p.page_count, p.changed_at,
                   (SELECT MAX(r.number) FROM review_round r WHERE r.project_id = p.id) AS round,
                   (SELECT MAX(r.made_at) FROM review_round r WHERE r.project_id = p.id) AS round_at,
                   (SELECT COUNT(*) FROM comment c JOIN review_round r ON r.id = c.round_id
                     WHERE r.project_id = p.id AND c.answers_id IS NULL AND c.done_at IS NULL) AS open_comments,
                   (SELECT MAX(c.at) FROM comment c JOIN review_round r ON r.id = c.round_id
                     WHERE r.project_id = p.id AND c.side = 'client') AS client_at
              FROM project p WHERE p.owner_id = ? ORDER BY p.changed_at DESC
            SQL, [$designer->id()]);

        return array_map($this->row(...), $rows);
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    private function row(array $row): array
    {
        $number = static fn (string $key): int => is_numeric($row[$key]) ? (int) $row[$key] : 0;
        $round = null === $row['round'] ? null : $number('round');
        $open = $number('open_comments');

        return [
            'id' => $row['id'],
            'name' => $row['name'],
            'score' => $number('score'),
            'pages' => $number('page_count'),
            'round' => $round,
            'openComments' => $open,
            'stands' => match (true) {
                null !== $round => "Round $round",
                $number('page_count') > 0 => 'Planned',
                default => 'Brief read',
            },
            'turn' => null !== $round && 0 === $open && !$this->isNewer($row['changed_at'], $row['round_at']) ? 'client' : 'designer',
            'changedAt' => $this->time($row['changed_at'])?->format(\DATE_ATOM),
        ];
    }

    private function isNewer(mixed $a, mixed $b): bool
    {
        return $this->time($a) > $this->time($b)?->modify('+1 second');
    }

    private function time(mixed $value): ?\DateTimeImmutable
    {
        return \is_string($value) ? new \DateTimeImmutable($value) : null;
    }
}

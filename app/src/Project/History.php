<?php

declare(strict_types=1);

namespace DunePocket\App\Project;

use Doctrine\ORM\EntityManagerInterface;
use DunePocket\App\Entity\ChangeRecord;
use DunePocket\App\Entity\ProjectRecord;
use DunePocket\Data\Node;
use DunePocket\Project\Change\Change;
use DunePocket\Project\Change\ChangeCodec;
use DunePocket\Project\Change\InvalidChange;
use DunePocket\Project\Change\Several;
use DunePocket\Project\Change\Text;
use DunePocket\Project\Project;
use DunePocket\Revision\Comparison;
use DunePocket\Revision\Difference;

/** The life of a project, step by step: what was done by whom, what it was like then, and the way back. */
final readonly class History
{
    private const LISTED = 500;

    public function __construct(private EntityManagerInterface $entities, private ProjectStore $store)
    {
    }

    /** @return list<array{revision: int, kind: string, title: string, author: string, at: string, name: ?string}> the newest first, down to the state before the first change */
    public function of(ProjectRecord $record): array
    {
        /** @var list<array{revision: int, kind: string, title: string, author: string, at: \DateTimeImmutable}> $rows */
        $rows = $this->entities->createQuery('SELECT c.revision, c.kind, c.title, c.author, c.at FROM '.ChangeRecord::class.' c WHERE c.project = :project ORDER BY c.revision DESC')
            ->setParameter('project', $record)
            ->setMaxResults(self::LISTED)
            ->getArrayResult();

        $states = array_map(static fn (array $row): array => ['at' => $row['at']->format(\DATE_ATOM), 'name' => $record->stateNames[$row['revision']] ?? null] + $row, $rows);
        if (\count($rows) < self::LISTED) {
            $states[] = ['revision' => 0, 'kind' => 'do', 'title' => 'The brief was read', 'author' => '', 'at' => '', 'name' => $record->stateNames[0] ?? null];
        }

        return $states;
    }

    /** Names the state after a change; an empty name takes it away. */
    public function name(ProjectRecord $record, int $revision, string $name): void
    {
        $this->within($record, $revision);
        $names = $record->stateNames;
        unset($names[$revision]);
        if ('' !== trim($name)) {
            $names[$revision] = Text::line($name, '');
        }
        $record->stateNames = $names;
        $this->entities->flush();
    }

    /** The change that leads from now to how it was after an earlier change. */
    public function wayBack(ProjectRecord $record, int $revision): Change
    {
        $inverses = $this->inverses($record, $revision);
        if ([] === $inverses) {
            throw new InvalidChange('This is how it is now.');
        }
        $name = $record->stateNames[$revision] ?? null;

        return new Several($inverses, null === $name ? "Go back to change $revision" : "Go back to “{$name}”");
    }

    /**
     * @return array{differences: list<array<string, mixed>>, steps: int}
     *
     * @throws InvalidChange when there is no such revision
     */
    public function compare(ProjectRecord $record, int $from, int $to): array
    {
        $now = $this->store->load($record);
        $before = $this->at($record, $from, $now)->plan;
        $after = $this->at($record, $to, $now)->plan;

        return ['differences' => array_map(static fn (Difference $difference): array => $difference->toArray(), Comparison::of($before, $after)), 'steps' => Comparison::steps($before, $after)];
    }

    private function at(ProjectRecord $record, int $revision, Project $now): Project
    {
        foreach ($this->inverses($record, $revision) as $inverse) {
            $now = $inverse->apply($now);
        }

        return $now;
    }

    /** @return list<Change> from the newest change back to the one after this revision */
    private function inverses(ProjectRecord $record, int $revision): array
    {
        $this->within($record, $revision);
        /** @var list<ChangeRecord> $since */
        $since = $this->entities->createQuery('SELECT c FROM '.ChangeRecord::class.' c WHERE c.project = :project AND c.revision > :revision ORDER BY c.revision DESC')
            ->setParameters(['project' => $record, 'revision' => $revision])
            ->getResult();

        return array_map(static fn (ChangeRecord $change): Change => ChangeCodec::fromNode(new Node($change->inverse())), $since);
    }

    private function within(ProjectRecord $record, int $revision): void
    {
        if ($revision < 0 || $revision > $record->revision) {
            throw new InvalidChange('There is no such state.');
        }
    }
}

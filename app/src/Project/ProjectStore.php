<?php

declare(strict_types=1);

namespace DunePocket\App\Project;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use DunePocket\App\Api\Conflict;
use DunePocket\App\Entity\ChangeRecord;
use DunePocket\App\Entity\Designer;
use DunePocket\App\Entity\PageRecord;
use DunePocket\App\Entity\ProjectRecord;
use DunePocket\Brief\Assessment\Assessor;
use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\Source;
use DunePocket\Data\Node;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Section;
use DunePocket\Project\Change\Change;
use DunePocket\Project\Change\ChangeCodec;
use DunePocket\Project\Change\InvalidChange;
use DunePocket\Project\Change\Touch;
use DunePocket\Project\Decisions;
use DunePocket\Project\Project;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Uuid;

/** Loads projects, applies changes to them and keeps the log. Nothing is overwritten silently. */
final readonly class ProjectStore
{
    private const LONGEST_UNDO = 500;
    private const LONGEST_TITLE = 300;

    public function __construct(
        private EntityManagerInterface $entities,
        private Assessor $assessor,
        private ClockInterface $clock,
    ) {
    }

    public function create(Designer $owner, Project $project): ProjectRecord
    {
        $record = new ProjectRecord(Uuid::v7()->toRfc4122(), $owner, $project->name, $this->clock->now());
        $this->write($record, $project, null);
        $this->entities->persist($record);
        $this->entities->flush();

        return $record;
    }

    public function load(ProjectRecord $record): Project
    {
        return new Project(
            $record->name,
            $this->brief($record),
            new Plan(
                array_map(static fn (PageRecord $page): Page => $page->read(), $record->pages()),
                array_map(static fn (array $section): Section => Section::fromNode(new Node($section)), $record->shared),
            ),
            $record->language,
            Decisions::fromNode(new Node($record->decisions)),
        );
    }

    public function brief(ProjectRecord $record): Brief
    {
        return Brief::fromNode(new Node($record->brief));
    }

    /**
     * Makes a change on the newest revision.
     *
     * @param int                       $revision the one the change was made on
     * @param callable(Project): Change $make
     *
     * @return array{Project, Project} before and after
     *
     * @throws Conflict when somebody else changed the same thing since that revision
     */
    public function change(ProjectRecord $record, int $revision, callable $make, string $author): array
    {
        return $this->locked($record, function () use ($record, $revision, $make, $author): array {
            $before = $this->load($record);
            $change = $make($before);
            $this->refuseCollision($record, $revision, $change);
            $after = $this->append($record, $before, $change, 'do', $author);
            $record->undoable = \array_slice([...$record->undoable, $record->revision], -self::LONGEST_UNDO);
            $record->redoable = [];

            return [$before, $after];
        });
    }

    /**
     * @return array{Project, Project} before and after
     *
     * @throws InvalidChange when there is nothing to undo
     */
    public function undo(ProjectRecord $record, string $author): array
    {
        return $this->locked($record, function () use ($record, $author): array {
            $stack = $record->undoable;
            $change = $this->inverseOf($record, array_pop($stack), 'There is nothing to undo.');
            $before = $this->load($record);
            $after = $this->append($record, $before, $change, 'undo', $author);
            $record->undoable = $stack;
            $record->redoable = [...$record->redoable, $record->revision];

            return [$before, $after];
        });
    }

    /**
     * @return array{Project, Project} before and after
     *
     * @throws InvalidChange when there is nothing to redo
     */
    public function redo(ProjectRecord $record, string $author): array
    {
        return $this->locked($record, function () use ($record, $author): array {
            $stack = $record->redoable;
            $change = $this->inverseOf($record, array_pop($stack), 'There is nothing to redo.');
            $before = $this->load($record);
            $after = $this->append($record, $before, $change, 'redo', $author);
            $record->redoable = $stack;
            $record->undoable = [...$record->undoable, $record->revision];

            return [$before, $after];
        });
    }

    /** @return array{undo: ?string, redo: ?string} the names of what undo and redo would do */
    public function steps(ProjectRecord $record): array
    {
        $undo = \array_slice($record->undoable, -1)[0] ?? null;
        $redo = \array_slice($record->redoable, -1)[0] ?? null;

        $titles = [];
        foreach ($this->entities->getRepository(ChangeRecord::class)->findBy(['project' => $record, 'revision' => array_filter([$undo, $redo])]) as $change) {
            $titles[$change->revision()] = $change->title();
        }

        return ['undo' => $titles[$undo] ?? null, 'redo' => $titles[$redo] ?? null];
    }

    /**
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     */
    private function locked(ProjectRecord $record, callable $work): mixed
    {
        return $this->entities->wrapInTransaction(function () use ($record, $work): mixed {
            $this->entities->refresh($record, LockMode::PESSIMISTIC_WRITE);

            return $work();
        });
    }

    private function refuseCollision(ProjectRecord $record, int $revision, Change $change): void
    {
        if ($revision === $record->revision) {
            return;
        }
        if ($revision > $record->revision) {
            throw new InvalidChange('This change was made on a revision that does not exist.');
        }
        /** @var list<ChangeRecord> $since */
        $since = $this->entities->createQuery('SELECT c FROM '.ChangeRecord::class.' c WHERE c.project = :project AND c.revision > :revision')
            ->setParameters(['project' => $record, 'revision' => $revision])
            ->getResult();
        foreach ($since as $other) {
            if (Touch::collide($change->touches(), $other->touches())) {
                throw new Conflict($record->revision, \sprintf('“%s” was done meanwhile by %s. You see what is there now; your change was not made.', $other->title(), $other->author()));
            }
        }
    }

    private function append(ProjectRecord $record, Project $before, Change $change, string $kind, string $author): Project
    {
        $after = $change->apply($before);
        $inverse = $change->invert($before);
        $title = 'do' === $kind ? $change->describe($before) : $this->titleOf($record, $kind);
        ++$record->revision;
        $record->changedAt = $this->clock->now();
        $this->write($record, $after, $before);
        $this->entities->persist(new ChangeRecord($record, $record->revision, $kind, mb_substr($title, 0, self::LONGEST_TITLE), ChangeCodec::toArray($change), ChangeCodec::toArray($inverse), $change->touches(), $author, $record->changedAt));

        return $after;
    }

    private function titleOf(ProjectRecord $record, string $kind): string
    {
        $stack = 'undo' === $kind ? $record->undoable : $record->redoable;

        return $this->find($record, (int) end($stack))?->title() ?? '';
    }

    private function inverseOf(ProjectRecord $record, ?int $revision, string $whenNone): Change
    {
        $entry = null === $revision ? null : $this->find($record, $revision);

        return ChangeCodec::fromNode(new Node(($entry ?? throw new InvalidChange($whenNone))->inverse()));
    }

    private function find(ProjectRecord $record, int $revision): ?ChangeRecord
    {
        return $this->entities->getRepository(ChangeRecord::class)->findOneBy(['project' => $record, 'revision' => $revision]);
    }

    /** Writes what differs from before; null when the record is new. */
    private function write(ProjectRecord $record, Project $project, ?Project $before): void
    {
        $record->name = $project->name;
        $record->language = $project->language;
        if (null === $before || $before->brief !== $project->brief) {
            $record->brief = [
                'sources' => array_map(static fn (Source $source): array => $source->toArray(), $project->brief->sources),
                'facts' => array_map(static fn (Fact $fact): array => $fact->toArray(), $project->brief->facts),
                'struck' => array_map(static fn (Fact $fact): array => $fact->toArray(), $project->brief->struck),
                'skipped' => $project->brief->skipped,
            ];
            $record->score = $this->assessor->score($project->brief)->total;
        }
        if (null === $before || $before->plan->shared !== $project->plan->shared) {
            $record->shared = array_map(static fn (Section $section): array => $section->toArray(), $project->plan->shared);
        }
        if (null === $before || $before->decisions !== $project->decisions) {
            $record->decisions = $project->decisions->toArray();
        }
        $record->pageCount = \count($project->plan->pages);
        $this->writePages($record, $project->plan, $before?->plan);
    }

    private function writePages(ProjectRecord $record, Plan $plan, ?Plan $before): void
    {
        $kept = [];
        foreach ($plan->pages as $position => $page) {
            $kept[$page->id] = true;
            $row = $record->page($page->id);
            if (null === $row) {
                $record->addPage($position, $page);
                continue;
            }
            $row->position = $position;
            if ($before?->findPage($page->id) !== $page) {
                $row->write($page);
            }
        }
        foreach ($record->pages() as $row) {
            if (!isset($kept[$row->key()])) {
                $record->removePage($row->key());
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\App\Review;

use Doctrine\DBAL\LockMode;
use Doctrine\ORM\EntityManagerInterface;
use DunePocket\App\Entity\ProjectRecord;
use DunePocket\App\Entity\ReviewRound;
use DunePocket\App\Link\LinkToken;
use DunePocket\App\Project\ProjectStore;
use DunePocket\Exchange\ProjectFileReader;
use DunePocket\Exchange\ProjectFileWriter;
use DunePocket\Project\Change\InvalidChange;
use DunePocket\Project\Project;
use Psr\Clock\ClockInterface;

/** Makes rounds, gives out their links and takes them back. */
final readonly class RoundDesk
{
    public function __construct(
        private EntityManagerInterface $entities,
        private ProjectStore $store,
        private ProjectFileWriter $writer,
        private ProjectFileReader $reader,
        private ClockInterface $clock,
    ) {
    }

    /** @return list<ReviewRound> newest first */
    public function rounds(ProjectRecord $project): array
    {
        return array_values($this->entities->getRepository(ReviewRound::class)->findBy(['project' => $project], ['number' => 'DESC']));
    }

    /**
     * Freezes the plan as it is now.
     *
     * @return array{ReviewRound, string} the round and the secret of its link, which is not kept
     */
    public function make(ProjectRecord $record): array
    {
        $project = $this->store->load($record);
        if ($project->plan->isEmpty()) {
            throw new InvalidChange('There is no plan to show yet. Plan the site first.');
        }

        return $this->entities->wrapInTransaction(function () use ($record, $project): array {
            $this->entities->lock($record, LockMode::PESSIMISTIC_WRITE);
            $numbers = array_map(static fn (ReviewRound $round): int => $round->number(), $this->rounds($record));
            /** @var array<string, mixed> $snapshot */
            $snapshot = json_decode($this->writer->write($project), true, 64, \JSON_THROW_ON_ERROR);
            $round = new ReviewRound($record, max([0, ...$numbers]) + 1, $record->revision, $snapshot, $this->clock->now());
            $this->entities->persist($round);

            return [$round, $this->link($round)];
        });
    }

    /** Gives a round a new link; the old one stops working. */
    public function link(ReviewRound $round): string
    {
        $token = LinkToken::random();
        $round->link()->renew($token, $this->clock->now());
        $this->entities->flush();

        return $token->secret;
    }

    public function withdraw(ReviewRound $round): void
    {
        $round->link()->withdraw();
        $this->entities->flush();
    }

    public function byLink(string $secret): ?ReviewRound
    {
        $round = $this->entities->getRepository(ReviewRound::class)->findOneBy(['link.tokenHash' => LinkToken::hash($secret)]);

        return true === $round?->link()->isOpen($this->clock->now()) ? $round : null;
    }

    /** The project as it was when the round was made. */
    public function frozen(ReviewRound $round): Project
    {
        return $this->reader->read(json_encode($round->snapshot(), \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION));
    }

    /** @return array<string, mixed> */
    public function present(ReviewRound $round, ?string $secret = null): array
    {
        return [
            'number' => $round->number(),
            'revision' => $round->revision(),
            'madeAt' => $round->madeAt()->format(\DATE_ATOM),
            'expiresAt' => $round->link()->expiresAt()?->format(\DATE_ATOM),
            'openedAt' => $round->link()->openedAt()?->format(\DATE_ATOM),
            'open' => $round->link()->isOpen($this->clock->now()),
            'link' => null === $secret ? null : '/r/'.$secret,
        ];
    }
}

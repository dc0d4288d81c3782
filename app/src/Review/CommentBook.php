<?php

declare(strict_types=1);

namespace DunePocket\App\Review;

use Doctrine\ORM\EntityManagerInterface;
use DunePocket\App\Entity\Comment;
use DunePocket\App\Entity\ProjectRecord;
use DunePocket\App\Entity\ReviewRound;

/** The comments of a project, by round. */
final readonly class CommentBook
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function open(ProjectRecord $project): int
    {
        return (int) $this->entities->createQuery('SELECT COUNT(c.id) FROM '.Comment::class.' c JOIN c.round r WHERE r.project = :project AND c.answers IS NULL AND c.doneAt IS NULL')
            ->setParameter('project', $project)
            ->getSingleScalarResult();
    }

    public function rounds(ProjectRecord $project): int
    {
        return $this->entities->getRepository(ReviewRound::class)->count(['project' => $project]);
    }

    /** @return list<Comment> threads, the oldest first */
    public function threads(ProjectRecord $project): array
    {
        /** @var list<Comment> $threads */
        $threads = $this->entities->createQuery('SELECT c, r, a FROM '.Comment::class.' c JOIN c.round r LEFT JOIN c.replies a WHERE r.project = :project AND c.answers IS NULL ORDER BY c.id, a.id')
            ->setParameter('project', $project)
            ->getResult();

        return $threads;
    }

    /** @return list<Comment> */
    public function ofRound(ReviewRound $round): array
    {
        return array_values($this->entities->getRepository(Comment::class)->findBy(['round' => $round, 'answers' => null], ['id' => 'ASC']));
    }

    /** @return array<string, mixed> */
    public function present(Comment $comment): array
    {
        return [
            'id' => $comment->id(),
            'round' => $comment->round()->number(),
            'page' => $comment->page(),
            'section' => $comment->section(),
            'side' => $comment->side(),
            'author' => $comment->author(),
            'text' => $comment->text(),
            'at' => $comment->at()->format(\DATE_ATOM),
            'doneAt' => $comment->doneAt()?->format(\DATE_ATOM),
            'answers' => array_map(fn (Comment $answer): array => $this->present($answer), $comment->replies()),
        ];
    }
}

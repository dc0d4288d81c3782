<?php

declare(strict_types=1);

namespace DunePocket\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use DunePocket\App\Api\JsonBody;
use DunePocket\App\Entity\Comment;
use DunePocket\App\Entity\Designer;
use DunePocket\App\Entity\ProjectRecord;
use DunePocket\App\Entity\ReviewRound;
use DunePocket\App\Review\CommentBook;
use DunePocket\App\Review\RoundDesk;
use DunePocket\Project\Change\InvalidChange;
use DunePocket\Project\Change\Text;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** The designer's side of the review. */
final readonly class RoundController
{
    private const LONGEST = 4000;

    public function __construct(
        private RoundDesk $desk,
        private CommentBook $book,
        private EntityManagerInterface $entities,
        private ClockInterface $clock,
    ) {
    }

    #[Route('/api/projects/{project}/rounds', name: 'rounds', methods: 'GET')]
    public function rounds(ProjectRecord $project): Response
    {
        return new JsonResponse([
            'rounds' => array_map(fn (ReviewRound $round): array => $this->desk->present($round), $this->desk->rounds($project)),
            'threads' => array_map($this->book->present(...), $this->book->threads($project)),
        ]);
    }

    #[Route('/api/projects/{project}/rounds', name: 'new_round', methods: 'POST')]
    public function make(ProjectRecord $project): Response
    {
        [$round, $secret] = $this->desk->make($project);

        return new JsonResponse($this->desk->present($round, $secret), 201);
    }

    #[Route('/api/projects/{project}/rounds/{number}/link', name: 'round_link', methods: 'POST', requirements: ['number' => '\d+'])]
    public function link(ProjectRecord $project, int $number): Response
    {
        $round = $this->round($project, $number);

        return new JsonResponse($this->desk->present($round, $this->desk->link($round)));
    }

    #[Route('/api/projects/{project}/rounds/{number}/withdraw', name: 'withdraw_round', methods: 'POST', requirements: ['number' => '\d+'])]
    public function withdraw(ProjectRecord $project, int $number): Response
    {
        $round = $this->round($project, $number);
        $this->desk->withdraw($round);

        return new JsonResponse($this->desk->present($round));
    }

    #[Route('/api/projects/{project}/comments/{comment}/answers', name: 'answer_comment', methods: 'POST', requirements: ['comment' => '\d+'])]
    public function answer(ProjectRecord $project, int $comment, Request $request, #[CurrentUser] Designer $designer): Response
    {
        $thread = $this->thread($project, $comment);
        $text = trim(Text::within(JsonBody::of($request)->string('text'), self::LONGEST));
        if ('' === $text) {
            throw new InvalidChange('An answer needs words.');
        }
        $this->entities->persist(new Comment($thread->round(), $thread->page(), $thread->section(), Comment::DESIGNER, $designer->name(), $text, $this->clock->now(), $thread));
        $this->entities->flush();
        $this->entities->refresh($thread);

        return new JsonResponse($this->book->present($thread), 201);
    }

    #[Route('/api/projects/{project}/comments/{comment}/done', name: 'comment_done', methods: 'POST', requirements: ['comment' => '\d+'])]
    public function done(ProjectRecord $project, int $comment, Request $request): Response
    {
        $thread = $this->thread($project, $comment);
        $thread->markDone(JsonBody::of($request)->bool('done') ? $this->clock->now() : null);
        $this->entities->flush();

        return new JsonResponse($this->book->present($thread));
    }

    private function round(ProjectRecord $project, int $number): ReviewRound
    {
        return $this->entities->getRepository(ReviewRound::class)->findOneBy(['project' => $project, 'number' => $number]) ?? throw new NotFoundHttpException();
    }

    private function thread(ProjectRecord $project, int $id): Comment
    {
        $comment = $this->entities->find(Comment::class, $id);
        if (null === $comment || $comment->round()->project() !== $project || null !== $comment->answers()) {
            throw new NotFoundHttpException();
        }

        return $comment;
    }
}

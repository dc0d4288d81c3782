<?php

declare(strict_types=1);

namespace DunePocket\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use DunePocket\App\Api\JsonBody;
use DunePocket\App\Entity\Comment;
use DunePocket\App\Entity\ReviewRound;
use DunePocket\App\Link\WrongLinks;
use DunePocket\App\Project\DrawingPresenter;
use DunePocket\App\Review\ClientView;
use DunePocket\App\Review\CommentBook;
use DunePocket\App\Review\RoundDesk;
use DunePocket\Project\Change\InvalidChange;
use DunePocket\Project\Change\Text;
use DunePocket\Wireframe\Viewport;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Routing\Attribute\Route;

/** The client's side of the review: a link opens exactly one round, to read and to comment, and nothing else. */
#[Route('/api/review/{token}', requirements: ['token' => '[\w-]{20,100}'])]
final readonly class ClientController
{
    private const LONGEST = 4000;

    public function __construct(
        private RoundDesk $desk,
        private CommentBook $book,
        private EntityManagerInterface $entities,
        private ClockInterface $clock,
        private WrongLinks $wrongLinks,
        private RateLimiterFactory $clientCommentLimiter,
    ) {
    }

    #[Route('', name: 'client_round', methods: 'GET')]
    public function show(string $token, Request $request, ClientView $view): Response
    {
        $round = $this->round($token, $request);
        $round->link()->open($this->clock->now());
        $this->entities->flush();

        return new JsonResponse($view->round($round, $this->desk->frozen($round)));
    }

    #[Route('/pages/{page}', name: 'client_page', methods: 'GET')]
    public function page(string $token, string $page, Request $request, DrawingPresenter $presenter): Response
    {
        $plan = $this->desk->frozen($this->round($token, $request))->plan;
        $shown = $plan->findPage($page) ?? throw new NotFoundHttpException();
        $viewport = Viewport::tryFrom($request->query->getString('width', 'desktop')) ?? throw new BadRequestHttpException('The width is desktop, tablet or phone.');

        return new JsonResponse($presenter->page($plan, $shown, $viewport));
    }

    #[Route('/comments', name: 'client_comments', methods: 'GET')]
    public function comments(string $token, Request $request): Response
    {
        return new JsonResponse(array_map($this->book->present(...), $this->book->ofRound($this->round($token, $request))));
    }

    #[Route('/comments', name: 'client_comment', methods: 'POST')]
    public function comment(string $token, Request $request): Response
    {
        $round = $this->round($token, $request);
        if (!$this->clientCommentLimiter->create((string) $round->id())->consume()->isAccepted()) {
            throw new TooManyRequestsHttpException(600, 'That were many comments in a short time. Wait a few minutes.');
        }
        $body = JsonBody::of($request);
        $text = trim(Text::within($body->string('text'), self::LONGEST));
        $author = Text::line($body->string('author'), 'Say who you are, so that the designer knows whom to answer.');
        if ('' === $text) {
            throw new InvalidChange('A comment needs words.');
        }
        [$page] = $this->desk->frozen($round)->plan->place($body->string('section'));
        $answers = $this->thread($round, $body->optionalInt('answers'));
        $comment = new Comment($round, $page->id, $body->string('section'), Comment::CLIENT, $author, $text, $this->clock->now(), $answers);
        $this->entities->persist($comment);
        $answers?->markDone(null);
        $this->entities->flush();
        $thread = $answers ?? $comment;
        $this->entities->refresh($thread);

        return new JsonResponse($this->book->present($thread), 201);
    }

    private function thread(ReviewRound $round, ?int $id): ?Comment
    {
        if (null === $id) {
            return null;
        }
        $thread = $this->entities->find(Comment::class, $id);
        if (null === $thread || $thread->round() !== $round || null !== $thread->answers()) {
            throw new NotFoundHttpException();
        }

        return $thread;
    }

    private function round(string $token, Request $request): ReviewRound
    {
        return $this->desk->byLink($token) ?? $this->wrongLinks->refuse($request);
    }
}

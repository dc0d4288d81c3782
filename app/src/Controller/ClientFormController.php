<?php

declare(strict_types=1);

namespace DunePocket\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use DunePocket\App\Api\JsonBody;
use DunePocket\App\Entity\QuestionForm;
use DunePocket\App\Form\FormDesk;
use DunePocket\App\Link\WrongLinks;
use DunePocket\Data\InvalidData;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;
use Symfony\Component\RateLimiter\RateLimiterFactory;
use Symfony\Component\Routing\Attribute\Route;

/** The client's side of a form: a link opens exactly one, to read, answer and send, and nothing else. */
#[Route('/api/form/{token}', requirements: ['token' => '[\w-]{20,100}'])]
final readonly class ClientFormController
{
    public function __construct(
        private FormDesk $desk,
        private EntityManagerInterface $entities,
        private ClockInterface $clock,
        private WrongLinks $wrongLinks,
        private RateLimiterFactory $clientAnswerLimiter,
    ) {
    }

    #[Route('', name: 'client_form', methods: 'GET')]
    public function show(string $token, Request $request): Response
    {
        $form = $this->form($token, $request);
        $form->link()->open($this->clock->now());
        $this->entities->flush();

        return new JsonResponse($this->view($form));
    }

    #[Route('/answers', name: 'client_answer', methods: 'POST')]
    public function answer(string $token, Request $request): Response
    {
        $form = $this->limited($token, $request);
        $body = JsonBody::of($request);
        $this->desk->answer($form, $body->string('question'), $body->string('text'));

        return new JsonResponse($this->view($form));
    }

    #[Route('/file', name: 'client_file', methods: 'POST')]
    public function file(string $token, Request $request): Response
    {
        $form = $this->limited($token, $request);
        $body = JsonBody::of($request);
        $bytes = base64_decode($body->string('file'), true);
        if (false === $bytes) {
            throw new InvalidData('The file did not arrive whole. Choose it again.');
        }
        $this->desk->attach($form, $body->string('name'), $bytes);

        return new JsonResponse($this->view($form));
    }

    #[Route('/send', name: 'client_send', methods: 'POST')]
    public function send(string $token, Request $request): Response
    {
        $form = $this->form($token, $request);
        $this->desk->send($form);

        return new JsonResponse($this->view($form));
    }

    /** @return array<string, mixed> */
    private function view(QuestionForm $form): array
    {
        return [
            'project' => $form->project()->name,
            'designer' => $form->project()->owner()->name(),
            'questions' => array_map(static fn (array $question): array => $question + ['answer' => $form->answers()[$question['id']] ?? ''], $form->questions()),
            'file' => $form->fileName(),
            'sentAt' => $form->sentAt()?->format(\DATE_ATOM),
        ];
    }

    private function limited(string $token, Request $request): QuestionForm
    {
        $form = $this->form($token, $request);
        if (!$this->clientAnswerLimiter->create((string) $form->id())->consume()->isAccepted()) {
            throw new TooManyRequestsHttpException(60, 'That was a lot in a short time. Wait a minute; what you typed is kept here.');
        }

        return $form;
    }

    private function form(string $token, Request $request): QuestionForm
    {
        return $this->desk->byLink($token) ?? $this->wrongLinks->refuse($request);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use DunePocket\App\Api\JsonBody;
use DunePocket\App\Entity\ProjectRecord;
use DunePocket\App\Entity\QuestionForm;
use DunePocket\App\Form\FormDesk;
use DunePocket\App\Project\ProjectStore;
use DunePocket\App\Project\SourcePresenter;
use DunePocket\Brief\Source;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** Questions to the client, on the designer's side. */
#[Route('/api/projects/{project}/forms')]
final readonly class FormController
{
    public function __construct(private FormDesk $desk, private EntityManagerInterface $entities, private ClockInterface $clock)
    {
    }

    #[Route('', name: 'forms', methods: 'GET')]
    public function list(ProjectRecord $project): Response
    {
        return new JsonResponse(array_map(fn (QuestionForm $form): array => $this->desk->present($form), $this->desk->forms($project)));
    }

    #[Route('', name: 'new_form', methods: 'POST')]
    public function create(ProjectRecord $project, Request $request): Response
    {
        [$form, $secret] = $this->desk->make($project, JsonBody::of($request)->children('questions'));

        return new JsonResponse($this->desk->present($form, $secret), 201);
    }

    #[Route('/{number}/withdraw', name: 'withdraw_form', methods: 'POST', requirements: ['number' => '\d+'])]
    public function withdraw(ProjectRecord $project, int $number): Response
    {
        $form = $this->form($project, $number);
        $form->link()->withdraw();
        $this->entities->flush();

        return new JsonResponse($this->desk->present($form));
    }

    /** What the answers, and the attached file, would change. */
    #[Route('/{number}/answers', name: 'form_answers', methods: 'GET', requirements: ['number' => '\d+'])]
    public function answers(ProjectRecord $project, int $number, ProjectStore $store, SourcePresenter $presenter): Response
    {
        $brief = $store->load($project)->brief;

        return new JsonResponse(array_map(static fn (Source $source): array => $presenter->preview($brief, $source), $this->desk->sources($this->form($project, $number))));
    }

    #[Route('/{number}/taken', name: 'form_taken', methods: 'POST', requirements: ['number' => '\d+'])]
    public function taken(ProjectRecord $project, int $number): Response
    {
        $form = $this->form($project, $number);
        $form->take($this->clock->now());
        $this->entities->flush();

        return new JsonResponse($this->desk->present($form));
    }

    private function form(ProjectRecord $project, int $number): QuestionForm
    {
        return $this->entities->getRepository(QuestionForm::class)->findOneBy(['project' => $project, 'number' => $number]) ?? throw new NotFoundHttpException();
    }
}

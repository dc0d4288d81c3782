<?php

declare(strict_types=1);

namespace DunePocket\App\Controller;

use DunePocket\App\Api\JsonBody;
use DunePocket\App\Entity\Designer;
use DunePocket\App\Entity\ProjectRecord;
use DunePocket\App\Project\History;
use DunePocket\App\Project\ProjectPresenter;
use DunePocket\App\Project\ProjectStore;
use DunePocket\Project\Change\Change;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Every change in words, what differs between two states, and the way back to any of them. */
final readonly class HistoryController
{
    public function __construct(private History $history)
    {
    }

    #[Route('/api/projects/{project}/history', name: 'history', methods: 'GET')]
    public function list(ProjectRecord $project): Response
    {
        return new JsonResponse($this->history->of($project));
    }

    #[Route('/api/projects/{project}/history/compare', name: 'compare_states', methods: 'GET')]
    public function compare(ProjectRecord $project, Request $request): Response
    {
        return new JsonResponse($this->history->compare($project, $request->query->getInt('from'), $request->query->getInt('to', $project->revision)));
    }

    #[Route('/api/projects/{project}/history/{revision<\d+>}/name', name: 'name_state', methods: 'PUT')]
    public function name(ProjectRecord $project, int $revision, Request $request): Response
    {
        $this->history->name($project, $revision, JsonBody::of($request)->string('name'));

        return new JsonResponse($this->history->of($project));
    }

    #[Route('/api/projects/{project}/history/{revision<\d+>}/restore', name: 'restore_state', methods: 'POST')]
    public function restore(ProjectRecord $project, int $revision, #[CurrentUser] Designer $designer, ProjectStore $store, ProjectPresenter $presenter): Response
    {
        [$before, $after] = $store->change($project, $project->revision, fn (): Change => $this->history->wayBack($project, $revision), $designer->name());

        return new JsonResponse($presenter->changed($project, $before, $after));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\App\Controller;

use DunePocket\App\Api\JsonBody;
use DunePocket\App\Entity\Designer;
use DunePocket\App\Entity\ProjectRecord;
use DunePocket\App\Project\ProjectPresenter;
use DunePocket\App\Project\ProjectStore;
use DunePocket\App\Project\SourcePresenter;
use DunePocket\App\Security\OwnedProjects;
use DunePocket\Brief\Merging\KnownElsewhere;
use DunePocket\Project\Actions;
use DunePocket\Project\Change\Change;
use DunePocket\Project\Project;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** Facts that another project of the same designer knows already. */
final readonly class ElsewhereController
{
    public function __construct(private ProjectStore $store, private OwnedProjects $projects)
    {
    }

    #[Route('/api/projects/{project}/elsewhere', name: 'elsewhere', methods: 'GET')]
    public function list(ProjectRecord $project): Response
    {
        $brief = $this->store->brief($project);
        $others = [];
        foreach ($this->projects->others($project) as $record) {
            $other = $this->store->brief($record);
            $facts = \count(KnownElsewhere::facts($other, $record->name, 1));
            if ($facts > 0) {
                $others[] = ['id' => $record->id(), 'name' => $record->name, 'sameClient' => KnownElsewhere::isSameClient($brief, $other), 'facts' => $facts];
            }
        }
        usort($others, static fn (array $a, array $b): int => [$b['sameClient'], $b['facts']] <=> [$a['sameClient'], $a['facts']]);

        return new JsonResponse($others);
    }

    #[Route('/api/projects/{project}/elsewhere/{other}', name: 'elsewhere_facts', methods: 'GET')]
    public function facts(ProjectRecord $project, string $other, SourcePresenter $presenter): Response
    {
        $record = $this->projects->get($other);

        return new JsonResponse($presenter->fromProject($this->store->brief($project), $this->store->brief($record), $record->name));
    }

    #[Route('/api/projects/{project}/elsewhere/{other}', name: 'take_over', methods: 'POST')]
    public function takeOver(ProjectRecord $project, string $other, Request $request, #[CurrentUser] Designer $designer, Actions $actions, ProjectPresenter $presenter): Response
    {
        $body = JsonBody::of($request);
        $record = $this->projects->get($other);
        $brief = $this->store->brief($record);
        [$before, $after] = $this->store->change($project, $body->int('revision'), static fn (Project $now): Change => $actions->takeOver($now, $brief, $record->name, $body->strings('accept')), $designer->name());

        return new JsonResponse($presenter->changed($project, $before, $after));
    }
}

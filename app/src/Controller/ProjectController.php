<?php

declare(strict_types=1);

namespace DunePocket\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use DunePocket\App\Api\JsonBody;
use DunePocket\App\Entity\Designer;
use DunePocket\App\Entity\ProjectRecord;
use DunePocket\App\Project\ChecksPresenter;
use DunePocket\App\Project\ProjectList;
use DunePocket\App\Project\ProjectPresenter;
use DunePocket\App\Project\ProjectStore;
use DunePocket\App\Security\OwnedProjects;
use DunePocket\Catalogue\PageKinds;
use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;
use DunePocket\Exchange\ProjectFileReader;
use DunePocket\Project\Actions;
use DunePocket\Project\Change\Change;
use DunePocket\Project\Change\Text;
use DunePocket\Project\Project;
use DunePocket\Project\ProjectMaker;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

final readonly class ProjectController
{
    public function __construct(
        private EntityManagerInterface $entities,
        private ProjectStore $store,
        private ProjectPresenter $presenter,
    ) {
    }

    #[Route('/api/projects', name: 'projects', methods: 'GET')]
    public function list(#[CurrentUser] Designer $designer, ProjectList $projects): Response
    {
        return new JsonResponse($projects->of($designer));
    }

    #[Route('/api/projects', name: 'new_project', methods: 'POST')]
    public function create(Request $request, #[CurrentUser] Designer $designer, ProjectMaker $maker, PageKinds $kinds, OwnedProjects $projects): Response
    {
        $body = JsonBody::of($request);
        $from = $body->optionalString('from');
        $project = null === $from ? $this->read($body, $maker) : $this->like($projects->get($from), $body);
        $project = $project->withBrief($designer->defaults()->appliedTo($project->brief, $kinds));

        return new JsonResponse(['id' => $this->store->create($designer, $project)->id()], 201);
    }

    /** A project with the brief of another and nothing planned. */
    private function like(ProjectRecord $other, Node $body): Project
    {
        return new Project(Text::line($body->string('name'), 'A new project needs a name.'), $this->store->brief($other), language: $other->language);
    }

    private function read(Node $body, ProjectMaker $maker): Project
    {
        $encoded = $body->optionalString('file');
        $bytes = null === $encoded ? $body->string('brief') : base64_decode($encoded, true);
        if (false === $bytes) {
            throw new InvalidData('The file did not arrive whole. Drop it again.');
        }
        $name = trim($body->string('name', ''));

        return $maker->read($bytes, Text::line($body->string('title', 'Brief'), 'Brief'), '' === $name ? null : Text::line($name, ''));
    }

    #[Route('/api/projects/import', name: 'import_project', methods: 'POST')]
    public function import(Request $request, #[CurrentUser] Designer $designer, ProjectFileReader $reader): Response
    {
        if ('json' !== $request->getContentTypeFormat()) {
            throw new InvalidData('A project file is a JSON document.');
        }

        return new JsonResponse(['id' => $this->store->create($designer, $reader->read($request->getContent()))->id()], 201);
    }

    #[Route('/api/projects/{project}', name: 'project', methods: 'GET')]
    public function show(ProjectRecord $project): Response
    {
        return new JsonResponse($this->presenter->whole($project, $this->store->load($project)));
    }

    #[Route('/api/projects/{project}/revision', name: 'revision', methods: 'GET')]
    public function revision(ProjectRecord $project): Response
    {
        return new JsonResponse(['revision' => $project->revision]);
    }

    #[Route('/api/projects/{project}/checks', name: 'checks', methods: 'GET')]
    public function checks(ProjectRecord $project, #[CurrentUser] Designer $designer, ChecksPresenter $checks): Response
    {
        return new JsonResponse($checks->of($this->store->load($project), $project->revision, $designer->defaults()->rate));
    }

    #[Route('/api/projects/{project}', name: 'delete_project', methods: 'DELETE')]
    public function delete(ProjectRecord $project): Response
    {
        $this->entities->remove($project);
        $this->entities->flush();

        return new Response(status: 204);
    }

    #[Route('/api/projects/{project}/changes', name: 'change', methods: 'POST')]
    public function change(ProjectRecord $project, Request $request, #[CurrentUser] Designer $designer, Actions $actions): Response
    {
        $body = JsonBody::of($request);
        [$before, $after] = $this->store->change($project, $body->int('revision'), static fn (Project $now): Change => $actions->with($designer->defaults())->change($body->child('action'), $now), $designer->name());

        return new JsonResponse($this->presenter->changed($project, $before, $after));
    }

    #[Route('/api/projects/{project}/undo', name: 'undo', methods: 'POST')]
    public function undo(ProjectRecord $project, #[CurrentUser] Designer $designer): Response
    {
        [$before, $after] = $this->store->undo($project, $designer->name());

        return new JsonResponse($this->presenter->changed($project, $before, $after));
    }

    #[Route('/api/projects/{project}/redo', name: 'redo', methods: 'POST')]
    public function redo(ProjectRecord $project, #[CurrentUser] Designer $designer): Response
    {
        [$before, $after] = $this->store->redo($project, $designer->name());

        return new JsonResponse($this->presenter->changed($project, $before, $after));
    }
}

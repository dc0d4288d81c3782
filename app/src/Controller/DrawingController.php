<?php

declare(strict_types=1);

namespace DunePocket\App\Controller;

use DunePocket\App\Entity\ProjectRecord;
use DunePocket\App\Project\CatalogueView;
use DunePocket\App\Project\DrawingPresenter;
use DunePocket\App\Project\ProjectStore;
use DunePocket\Plan\Planning\PlaceAdviser;
use DunePocket\Plan\Planning\Suit;
use DunePocket\Sitemap\DiagramSvg;
use DunePocket\Sitemap\Surveyor;
use DunePocket\Wireframe\Viewport;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\Routing\Attribute\Route;

final readonly class DrawingController
{
    public function __construct(private ProjectStore $store, private DrawingPresenter $presenter)
    {
    }

    #[Route('/api/projects/{project}/pages/{page}/drawings', name: 'drawings', methods: 'GET')]
    public function page(ProjectRecord $project, string $page, Request $request): Response
    {
        $plan = $this->store->load($project)->plan;

        return new JsonResponse($this->presenter->page($plan, $plan->page($page), $this->viewport($request)));
    }

    /** The hierarchy of all pages as one drawing. */
    #[Route('/api/projects/{project}/sitemap', name: 'sitemap_drawing', methods: 'GET')]
    public function sitemap(ProjectRecord $project, Surveyor $surveyor): Response
    {
        $plan = $this->store->load($project)->plan;

        return new JsonResponse(['svg' => (new DiagramSvg())->paint($surveyor->diagram($plan), 'Sitemap of '.$project->name)]);
    }

    /** Which kinds of section suit the place at the index of a page. */
    #[Route('/api/projects/{project}/pages/{page}/suits', name: 'suits', methods: 'GET')]
    public function suits(ProjectRecord $project, string $page, Request $request, PlaceAdviser $adviser): Response
    {
        $loaded = $this->store->load($project);
        $suits = $adviser->advise($loaded->brief, $loaded->plan, $loaded->plan->page($page), $request->query->getInt('index'));

        return new JsonResponse(array_map(static fn (Suit $suit): array => $suit->toArray(), $suits));
    }

    #[Route('/api/catalogue', name: 'catalogue', methods: 'GET')]
    public function catalogue(CatalogueView $view): Response
    {
        return new JsonResponse($view->toArray());
    }

    private function viewport(Request $request): Viewport
    {
        return Viewport::tryFrom($request->query->getString('width', 'desktop')) ?? throw new BadRequestHttpException('The width is desktop, tablet or phone.');
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\App\Controller;

use DunePocket\App\Api\JsonBody;
use DunePocket\App\Entity\Designer;
use DunePocket\App\Entity\ProjectRecord;
use DunePocket\App\Project\DrawingPresenter;
use DunePocket\App\Project\ProjectStore;
use DunePocket\App\Project\WireframePresenter;
use DunePocket\Exchange\Site\SitePages;
use DunePocket\Plan\CopyLine;
use DunePocket\Plan\CopyRole;
use DunePocket\Plan\CopyStatus;
use DunePocket\Plan\Page;
use DunePocket\Project\Change\Text;
use DunePocket\Wireframe\Html\Semantic;
use DunePocket\Wireframe\Viewport;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\BadRequestHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** What can be known and done about wireframes: layouts, fit, findings, a sketch of words not saved yet, and the page itself. */
final readonly class WireframeController
{
    public function __construct(private ProjectStore $store, private WireframePresenter $presenter)
    {
    }

    #[Route('/api/projects/{project}/pages/{page}/wireframe', name: 'page_wireframe', methods: 'GET')]
    public function page(ProjectRecord $project, string $page): Response
    {
        $loaded = $this->store->load($project);

        return new JsonResponse($this->presenter->page($loaded, $loaded->plan->page($page)));
    }

    #[Route('/api/projects/{project}/sections/{section}/wireframe', name: 'section_wireframe', methods: 'GET')]
    public function section(ProjectRecord $project, string $section, #[CurrentUser] Designer $designer): Response
    {
        $loaded = $this->store->load($project);
        [$page, $at] = $loaded->plan->place($section);

        return new JsonResponse($this->presenter->section($loaded, $page, $page->sections()[$at], $designer->defaults()->layouts));
    }

    /** The section as it would be drawn with other words in one slot; nothing is saved. */
    #[Route('/api/projects/{project}/sections/{section}/sketch', name: 'sketch', methods: 'POST')]
    public function sketch(ProjectRecord $project, string $section, Request $request, DrawingPresenter $drawings): Response
    {
        $body = JsonBody::of($request);
        $plan = $this->store->load($project)->plan;
        [$page, $at] = $plan->place($section);
        $shown = $plan->resolve($page->sections()[$at]);
        $line = new CopyLine($body->string('slot'), CopyRole::Body, Text::within($body->string('text'), CopyLine::LONGEST), $body->optionalInt('item'), CopyStatus::Edited);
        $viewport = Viewport::tryFrom($body->string('width')) ?? throw new BadRequestHttpException('The width is desktop, tablet or phone.');

        return new JsonResponse($drawings->drawn($section, $shown->withLine($line), $viewport));
    }

    /** The page as HTML and CSS, as it would be built: with working menus and links to the other pages. */
    #[Route('/api/projects/{project}/pages/{page}/html', name: 'page_html', methods: 'GET')]
    public function html(ProjectRecord $project, string $page, Request $request, SitePages $pages): Response
    {
        $loaded = $this->store->load($project);
        $address = static fn (Page $to): string => '/preview/'.$project->id().'/'.$to->id;
        $only = $request->query->getString('section');

        return new JsonResponse($pages->page($loaded, $loaded->plan->page($page), new Semantic(), $address, '' === $only ? null : $only));
    }
}

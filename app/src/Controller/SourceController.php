<?php

declare(strict_types=1);

namespace DunePocket\App\Controller;

use DunePocket\App\Api\JsonBody;
use DunePocket\App\Entity\ProjectRecord;
use DunePocket\App\Project\ProjectStore;
use DunePocket\App\Project\SourcePresenter;
use DunePocket\Brief\Sources\SourceReader;
use DunePocket\Data\InvalidData;
use DunePocket\Project\Change\Text;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;

/** Reads a new source and tells what it would change. Nothing is changed yet. */
final readonly class SourceController
{
    #[Route('/api/projects/{project}/sources', name: 'preview_source', methods: 'POST')]
    public function preview(ProjectRecord $project, Request $request, SourceReader $sources, ProjectStore $store, SourcePresenter $presenter): Response
    {
        $body = JsonBody::of($request);
        $encoded = $body->optionalString('file');
        $bytes = null === $encoded ? $body->string('text') : base64_decode($encoded, true);
        if (false === $bytes) {
            throw new InvalidData('The file did not arrive whole. Drop it again.');
        }
        $brief = $store->load($project)->brief;

        return new JsonResponse($presenter->preview($brief, $sources->read($bytes, Text::line($body->string('title', 'More from the client'), 'A source needs a name.'), $brief->nextSourceId())));
    }
}

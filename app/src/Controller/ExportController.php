<?php

declare(strict_types=1);

namespace DunePocket\App\Controller;

use DunePocket\App\Entity\ProjectRecord;
use DunePocket\App\Project\ProjectStore;
use DunePocket\Exchange\ExportFormat;
use DunePocket\Exchange\Formats;
use DunePocket\Plan\Slug;
use DunePocket\Project\Change\InvalidChange;
use Symfony\Component\HttpFoundation\HeaderUtils;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

final readonly class ExportController
{
    public function __construct(private ProjectStore $store, private Formats $formats)
    {
    }

    #[Route('/api/projects/{project}/exports', name: 'exports', methods: 'GET')]
    public function list(ProjectRecord $project): Response
    {
        return new JsonResponse(array_map(static fn (ExportFormat $format): array => ['name' => $format->name(), 'label' => $format->label(), 'for' => $format->describe()], $this->formats->all));
    }

    #[Route('/api/projects/{project}/exports/{format}', name: 'export', methods: 'GET')]
    public function download(ProjectRecord $project, string $format, Request $request): Response
    {
        $loaded = $this->store->load($project);
        $writer = null;
        foreach ($this->formats->all as $known) {
            $writer = $known->name() === $format ? $known : $writer;
        }
        if (null === $writer) {
            throw new NotFoundHttpException();
        }
        $address = $request->query->getString('address', 'https://www.example.com');
        if (1 !== preg_match('~^https?://[\w.-]+(?::\d+)?(?:/[\w./-]*)?$~', $address)) {
            throw new InvalidChange('The address of the site must look like https://www.example.com.');
        }

        return new Response($writer->write($loaded, $address), 200, [
            'Content-Type' => $writer->mediaType().('application/pdf' === $writer->mediaType() ? '' : '; charset=UTF-8'),
            'Content-Disposition' => HeaderUtils::makeDisposition(HeaderUtils::DISPOSITION_ATTACHMENT, Slug::of($loaded->name).$writer->extension()),
        ]);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\App\Controller;

use Doctrine\ORM\EntityManagerInterface;
use DunePocket\App\Api\JsonBody;
use DunePocket\App\Entity\Designer;
use DunePocket\Studio\Defaults;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** What the designer puts into every project. */
final readonly class DefaultsController
{
    #[Route('/api/defaults', name: 'defaults', methods: 'GET')]
    public function show(#[CurrentUser] Designer $designer): Response
    {
        return new JsonResponse($designer->defaults()->toArray());
    }

    #[Route('/api/defaults', name: 'save_defaults', methods: 'PUT')]
    public function save(Request $request, #[CurrentUser] Designer $designer, EntityManagerInterface $entities): Response
    {
        $designer->setDefaults(Defaults::fromNode(JsonBody::of($request)));
        $entities->flush();

        return new JsonResponse($designer->defaults()->toArray());
    }
}

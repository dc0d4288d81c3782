<?php

declare(strict_types=1);

namespace DunePocket\App\Api;

use Doctrine\DBAL\Exception\ConnectionException;
use DunePocket\Brief\InvalidBrief;
use DunePocket\Data\InvalidData;
use DunePocket\Plan\UnknownElement;
use DunePocket\Project\Change\InvalidChange;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\Security\Core\Exception\AccessDeniedException;
use Symfony\Component\Security\Core\Exception\AuthenticationException;

/** Turns everything that goes wrong into problem details that say what happened and what was kept. */
#[AsEventListener(priority: -8)]
final class ProblemListener
{
    public function __invoke(ExceptionEvent $event): void
    {
        $error = $event->getThrowable();
        $response = match (true) {
            $error instanceof AccessDeniedException, $error instanceof AuthenticationException => null,
            $error instanceof Conflict => Problem::response(409, $error->getMessage(), ['revision' => $error->revision]),
            $error instanceof InvalidChange, $error instanceof InvalidBrief => Problem::response(422, $error->getMessage()),
            $error instanceof UnknownElement => Problem::response(409, $error->getMessage().' Somebody may have deleted it. Nothing was changed.'),
            $error instanceof InvalidData => Problem::response(400, $error->getMessage()),
            $error instanceof HttpExceptionInterface => $this->http($error),
            $error instanceof ConnectionException => Problem::response(503, 'The database does not answer. Nothing was lost; try again in a moment.'),
            default => Problem::response(500, 'The server could not do this. Nothing was changed; try again.'),
        };
        if (null !== $response) {
            $event->setResponse($response);
        }
    }

    private function http(HttpExceptionInterface $error): JsonResponse
    {
        $status = $error->getStatusCode();
        $detail = match ($status) {
            404 => 'There is nothing here, or it is not yours.',
            405 => 'This address does not do that.',
            default => $error->getMessage(),
        };
        $response = Problem::response($status, $detail);
        $response->headers->add($error->getHeaders());
        $response->headers->set('Content-Type', 'application/problem+json');

        return $response;
    }
}

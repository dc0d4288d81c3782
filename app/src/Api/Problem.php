<?php

declare(strict_types=1);

namespace DunePocket\App\Api;

use Symfony\Component\HttpFoundation\JsonResponse;

/** An error as RFC 9457 problem details. */
final class Problem
{
    private const TITLES = [
        400 => 'This was not understood', 401 => 'Sign in first', 403 => 'Not allowed', 404 => 'Not there', 405 => 'Not possible here',
        409 => 'Somebody else was faster', 413 => 'Too large', 415 => 'Not understood', 422 => 'That cannot be done', 429 => 'Too many attempts', 500 => 'Something went wrong', 503 => 'Not available just now',
    ];

    /** @param array<string, mixed> $more members beside the standard ones */
    public static function response(int $status, string $detail, array $more = []): JsonResponse
    {
        $response = new JsonResponse(['type' => 'about:blank', 'title' => self::TITLES[$status] ?? 'Error', 'status' => $status, 'detail' => $detail] + $more, $status);
        $response->headers->set('Content-Type', 'application/problem+json');

        return $response;
    }
}

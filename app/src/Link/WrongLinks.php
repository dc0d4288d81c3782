<?php

declare(strict_types=1);

namespace DunePocket\App\Link;

use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;
use Symfony\Component\RateLimiter\RateLimiterFactory;

/** Turns away whoever comes with a secret that opens nothing, and slows down whoever tries many. */
final readonly class WrongLinks
{
    public function __construct(private RateLimiterFactory $wrongLinkLimiter)
    {
    }

    /**
     * @throws NotFoundHttpException
     * @throws TooManyRequestsHttpException
     */
    public function refuse(Request $request): never
    {
        if (!$this->wrongLinkLimiter->create($request->getClientIp())->consume()->isAccepted()) {
            throw new TooManyRequestsHttpException(600, 'Too many wrong links. Wait ten minutes.');
        }

        throw new NotFoundHttpException();
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\App\Security;

use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Http\Event\LogoutEvent;

#[AsEventListener]
final class SignedOut
{
    public function __invoke(LogoutEvent $event): void
    {
        $event->setResponse(new Response(status: 204));
    }
}

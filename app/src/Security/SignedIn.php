<?php

declare(strict_types=1);

namespace DunePocket\App\Security;

use DunePocket\App\Entity\Designer;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Authentication\Token\TokenInterface;
use Symfony\Component\Security\Http\Authentication\AuthenticationSuccessHandlerInterface;

final class SignedIn implements AuthenticationSuccessHandlerInterface
{
    public function onAuthenticationSuccess(Request $request, TokenInterface $token): Response
    {
        $designer = $token->getUser();
        \assert($designer instanceof Designer);

        return new JsonResponse(['email' => $designer->email(), 'name' => $designer->name()]);
    }
}

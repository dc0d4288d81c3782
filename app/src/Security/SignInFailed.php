<?php

declare(strict_types=1);

namespace DunePocket\App\Security;

use DunePocket\App\Api\Problem;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Core\Exception\TooManyLoginAttemptsAuthenticationException;
use Symfony\Component\Security\Http\Authentication\AuthenticationFailureHandlerInterface;

final class SignInFailed implements AuthenticationFailureHandlerInterface
{
    public function onAuthenticationFailure(Request $request, AuthenticationException $exception): Response
    {
        if ($exception instanceof TooManyLoginAttemptsAuthenticationException) {
            return Problem::response(429, 'Too many attempts to sign in. Wait five minutes and try again.');
        }

        return Problem::response(401, 'E-mail and pass phrase do not belong together.');
    }
}

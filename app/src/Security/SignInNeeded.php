<?php

declare(strict_types=1);

namespace DunePocket\App\Security;

use DunePocket\App\Api\Problem;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Security\Core\Exception\AuthenticationException;
use Symfony\Component\Security\Http\EntryPoint\AuthenticationEntryPointInterface;

final class SignInNeeded implements AuthenticationEntryPointInterface
{
    public function start(Request $request, ?AuthenticationException $authException = null): Response
    {
        return Problem::response(401, 'You are not signed in, or not any more.');
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\App\Api;

use DunePocket\Data\Node;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** The JSON body of a request. A body of another type is refused, so that no form of another site can write. */
final class JsonBody
{
    public static function of(Request $request): Node
    {
        if ('json' !== $request->getContentTypeFormat()) {
            throw new HttpException(415, 'Send JSON, with the content type application/json.');
        }

        return Node::fromJson($request->getContent());
    }
}

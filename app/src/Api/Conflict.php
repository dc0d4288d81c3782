<?php

declare(strict_types=1);

namespace DunePocket\App\Api;

/** A write on a revision that somebody else has changed meanwhile, in the same place. */
final class Conflict extends \RuntimeException
{
    public function __construct(public readonly int $revision, string $message)
    {
        parent::__construct($message);
    }
}

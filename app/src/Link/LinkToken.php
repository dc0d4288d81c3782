<?php

declare(strict_types=1);

namespace DunePocket\App\Link;

/** The secret in a client's link: 256 random bits; only their hash is stored. */
final readonly class LinkToken
{
    private function __construct(public string $secret)
    {
    }

    public static function random(): self
    {
        return new self(rtrim(strtr(base64_encode(random_bytes(32)), '+/', '-_'), '='));
    }

    public static function hash(string $secret): string
    {
        return hash('sha256', $secret);
    }
}

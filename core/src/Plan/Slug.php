<?php

declare(strict_types=1);

namespace DunePocket\Plan;

use function Symfony\Component\String\u;

/** A page's own part of its path: small letters, digits and hyphens. */
final class Slug
{
    public const LONGEST = 60;

    public static function of(string $title): string
    {
        $slug = u($title)->replaceMatches('/[\'’](?=\p{L})/u', '')->ascii()->lower()->replaceMatches('/[^a-z0-9]+/', '-')->trim('-')->slice(0, self::LONGEST)->trim('-')->toString();

        return '' === $slug ? 'page' : $slug;
    }

    public static function isValid(string $slug): bool
    {
        return 1 === preg_match('/^[a-z0-9]+(?:-[a-z0-9]+)*$/', $slug) && \strlen($slug) <= self::LONGEST;
    }

    /**
     * The slug itself, or with the first number that makes it different from the others.
     *
     * @param list<string> $taken
     */
    public static function free(string $slug, array $taken): string
    {
        $free = $slug;
        for ($n = 2; \in_array($free, $taken, true); ++$n) {
            $free = "$slug-$n";
        }

        return $free;
    }
}

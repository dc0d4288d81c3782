<?php

declare(strict_types=1);

namespace DunePocket\Tests\Catalogue;

use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class CuesTest extends TestCase
{
    /** What PHP keeps compiled in one process (PCRE_CACHE_SIZE in its source, from memory). */
    private const KEPT = 4_096;
    /** For the kinds of business and of pages, some five hundred, and the patterns in the code, some nine hundred. */
    private const ROOM = 1_400;

    public function testThePatternsOfOneReadingAreAllKeptReady(): void
    {
        $patterns = self::patterns(Bench::catalogue()->cues());
        self::assertGreaterThan(1_000, \count($patterns));
        self::assertLessThan(self::KEPT - self::ROOM, \count($patterns));
    }

    /** @return array<string, true> every regular expression that is held anywhere in it */
    private static function patterns(mixed $held): array
    {
        if (\is_string($held)) {
            return str_starts_with($held, '~') && str_ends_with($held, '~iu') ? [$held => true] : [];
        }
        $parts = \is_object($held) ? array_map(static fn (\ReflectionProperty $property): mixed => $property->isInitialized($held) ? $property->getValue($held) : null, (new \ReflectionObject($held))->getProperties()) : $held;

        return \is_array($parts) ? array_merge([], ...array_map(self::patterns(...), array_values($parts))) : [];
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Plan;

use DunePocket\Plan\Mentions;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class MentionsTest extends TestCase
{
    /** @param list<string> $sections */
    #[TestWith(['Dry stone walls', ['a']])]
    #[TestWith(['walls', ['a', 'b']])]
    #[TestWith(['Since 1990', ['c']])]
    #[TestWith(['Pell', ['a']])]
    #[TestWith(['roofs', []])]
    #[TestWith(['oak gates with iron hinges', ['b']])]
    public function testASectionSaysAThingOrMostOfItsLongerWords(string $value, array $sections): void
    {
        $mentions = new Mentions([
            'a' => 'we build dry stone walls round pell',
            'b' => 'oak gates, iron hinges and garden walls',
            'c' => 'at it since 1990',
        ]);
        self::assertSame($sections, $mentions->of($value));
    }

    public function testItCanBeAskedForManyThings(): void
    {
        $mentions = new Mentions(['a' => 'hedges', 'b' => 'hedges and gates']);
        self::assertSame([['a', 'b'], ['b'], ['a', 'b']], [$mentions->of('hedges'), $mentions->of('gates'), $mentions->of('HEDGES')]);
    }
}

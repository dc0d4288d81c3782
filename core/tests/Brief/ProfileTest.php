<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief;

use DunePocket\Brief\Profile;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ProfileTest extends TestCase
{
    /** @return iterable<string, array{string, string, bool}> what is said of the site, a kind of page, whether it is refused */
    public static function refusals(): iterable
    {
        yield 'refused' => ['We do not want a blog.', 'blog', true];
        yield 'not spoken of' => ['We do not want a blog.', 'team', false];
        yield 'refused as a feature' => ['We do not want online booking.', 'booking', true];
        yield 'asked for by another name' => ["Pages: Home, Products, Contact\n\nWe do not want an online shop.", 'products', false];
        yield 'no kind of page at all' => ['We do not want pop-ups.', 'contact', false];
    }

    #[DataProvider('refusals')]
    public function testAPageIsRefusedByItsNameUnlessItIsAskedForByAnother(string $said, string $kind, bool $refused): void
    {
        $brief = Bench::read("Brim Roofing mends roofs in Calder. We offer slate roofs, flat roofs and chimney repairs.\n\n$said");
        self::assertSame($refused, (new Profile($brief, Bench::catalogue()))->refusesPage($kind));
    }
}

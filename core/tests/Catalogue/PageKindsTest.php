<?php

declare(strict_types=1);

namespace DunePocket\Tests\Catalogue;

use DunePocket\Catalogue\UnknownKind;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PageKindsTest extends TestCase
{
    #[TestWith(['Prices', 'pricing'])]
    #[TestWith(['say hello', 'contact'])]
    #[TestWith(['Who we are', 'about'])]
    #[TestWith(['photo album', 'gallery'])]
    #[TestWith(['Plan your visit to the moon', null])]
    #[TestWith(['Llamas', null])]
    public function testAPageIsKnownByWhatClientsCallIt(string $name, ?string $kind): void
    {
        self::assertSame($kind, Bench::catalogue()->pageKinds()->named($name));
    }

    public function testAnUnknownKindIsSaidToBeUnknown(): void
    {
        self::assertFalse(Bench::catalogue()->pageKinds()->has('llamas'));
        self::assertTrue(Bench::catalogue()->pageKinds()->counts('llamas'));
        $this->expectException(UnknownKind::class);
        Bench::catalogue()->pageKinds()->get('llamas');
    }

    public function testLegalAndSupportingPagesDoNotCount(): void
    {
        $kinds = Bench::catalogue()->pageKinds();
        self::assertTrue($kinds->counts('home'));
        self::assertFalse($kinds->counts('privacy'));
    }

    public function testTheMenuBeginsWithHome(): void
    {
        $kinds = Bench::catalogue()->pageKinds();
        self::assertLessThan($kinds->menuPlace('contact'), $kinds->menuPlace('home'));
        self::assertGreaterThanOrEqual($kinds->menuPlace('contact'), $kinds->menuPlace('llamas'));
    }

    public function testTheWayToAPageIsTold(): void
    {
        $way = Bench::catalogue()->pageKinds()->way('contact');
        self::assertStringStartsWith('Visitors come from Home or About.', $way);
        foreach (Bench::catalogue()->pageKinds()->all() as $kind) {
            self::assertStringNotContainsString('..', Bench::catalogue()->pageKinds()->way($kind->id));
        }
    }
}

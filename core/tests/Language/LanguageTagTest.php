<?php

declare(strict_types=1);

namespace DunePocket\Tests\Language;

use DunePocket\Language\LanguageTag;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The examples of RFC 5646 (BCP 47), section 2.1.1 and appendix A; from memory. */
final class LanguageTagTest extends TestCase
{
    /** @return iterable<array{string}> */
    public static function wellFormed(): iterable
    {
        foreach (['de', 'fr', 'ja', 'zh-Hant', 'zh-Hans', 'sr-Cyrl', 'zh-cmn-Hans-CN', 'cmn-Hans-CN', 'zh-yue-HK', 'zh-Hans-CN', 'sr-Latn-RS', 'sl-rozaj', 'sl-rozaj-biske', 'sl-nedis', 'de-CH-1901', 'sl-IT-nedis', 'hy-Latn-IT-arevela', 'de-DE', 'en-US', 'es-419', 'de-CH-x-phonebk', 'az-Arab-x-AZE-derbend', 'x-whatever', 'qaa-Qaaa-QM-x-southern', 'de-Qaaa', 'sr-Latn-QM', 'sr-Qaaa-RS', 'en-US-u-islamcal', 'zh-CN-a-myext-x-private', 'en-a-myext-b-another'] as $tag) {
            yield [$tag];
        }
    }

    #[DataProvider('wellFormed')]
    public function testAWellFormedTagIsReadInAnyCapitals(string $tag): void
    {
        self::assertSame(strtolower($tag), strtolower((string) LanguageTag::canonical(strtoupper($tag))));
        self::assertSame(LanguageTag::canonical($tag), LanguageTag::canonical(strtolower($tag)));
    }

    /** @return iterable<array{string}> */
    public static function broken(): iterable
    {
        yield 'two regions' => ['de-419-DE'];
        yield 'a language of one letter' => ['a-DE'];
        yield 'the same extension twice' => ['ar-a-aaa-b-bbb-a-ccc'];
        yield 'the same variant twice' => ['de-DE-1901-1901'];
        yield 'nothing' => [''];
        yield 'a name' => ['Swiss German'];
    }

    #[DataProvider('broken')]
    public function testABrokenTagIsNone(string $tag): void
    {
        self::assertNull(LanguageTag::canonical($tag));
    }

    public function testCapitalsFollowTheConvention(): void
    {
        self::assertSame('mn-Cyrl-MN', LanguageTag::canonical('MN-cYRL-mn'));
        self::assertSame('en-CA-x-ca', LanguageTag::canonical('EN-ca-X-Ca'));
        self::assertSame('az-Latn-x-latn', LanguageTag::canonical('AZ-latn-x-LATN'));
        self::assertSame('en-GB', LanguageTag::canonical('en_gb'));
    }

    public function testEveryLanguageOfTheCatalogueHasACanonicalTag(): void
    {
        foreach (Bench::catalogue()->languages() as $tag) {
            self::assertSame($tag, LanguageTag::canonical($tag));
        }
    }
}

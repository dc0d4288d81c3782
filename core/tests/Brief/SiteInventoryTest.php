<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\InvalidBrief;
use DunePocket\Brief\Reading\BriefReader;
use DunePocket\Brief\Source;
use DunePocket\Brief\SourceKind;
use DunePocket\Brief\Sources\SiteInventory;
use DunePocket\Brief\Sources\SitePage;
use DunePocket\Brief\Sources\SourceReader;
use DunePocket\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class SiteInventoryTest extends TestCase
{
    /** The sample of the sitemaps.org protocol 0.9, with a second address of its own examples. */
    private const SITEMAP = '<?xml version="1.0" encoding="UTF-8"?><urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9"><url><loc>http://www.example.com/</loc><lastmod>2005-01-01</lastmod><changefreq>monthly</changefreq><priority>0.8</priority></url><url><loc>http://www.example.com/catalog?item=12&amp;desc=vacation_hawaii</loc></url></urlset>';

    public function testAnXmlSitemapIsAnInventory(): void
    {
        $source = (new SourceReader())->read(self::SITEMAP, 'sitemap.xml', 's1');
        self::assertSame(SourceKind::Site, $source->kind);
        self::assertStringContainsString('The present website has 2 pages.', $source->text);
        self::assertStringContainsString('http://www.example.com/catalog?item=12&desc=vacation_hawaii', $source->text);
    }

    public function testSavedPagesBringTitlesHeadingsAndContactLines(): void
    {
        $page = SiteInventory::page('/visit', '<html><head><title>Visit us</title><script>var x = "01632 960 999";</script></head><body><h1>Visit the yard</h1><h2>How to find us</h2><p>Ring <b>01632 960 123</b></p><p>Mon to Fri 9am-5pm</p></body></html>');
        self::assertSame('Visit us', $page->title);
        self::assertSame(['Visit the yard', 'How to find us'], $page->headings);
        self::assertSame(['Ring 01632 960 123', 'Mon to Fri 9am-5pm'], $page->contacts);
        $text = (new SiteInventory([]))->with([$page])->toText();
        $brief = (new BriefReader(Bench::catalogue()))->read(new Source('s1', 'Site', SourceKind::Site, $text));
        self::assertSame(['01632 960 123'], Bench::values($brief, FactKind::ContactPhone));
        self::assertSame([], Bench::values($brief, FactKind::PageRequest), 'Pages of the present site are not asked for.');
    }

    public function testContactsStandInLinksAndBrokenLinesToo(): void
    {
        $page = SiteInventory::page('/', '<body><a href="tel:+441632960999">Call</a><p>Unit 4, Quay Yard<br>Harl HA4 5QT</p><ul><li>Mon–Fri<br>9am to 5pm</li></ul><a href="mailto:hello@ropes.example?subject=Hello">✉</a> <a href="https://www.instagram.com/ropes/?hl=en">us</a> <a href="https://instagram.com/">icon</a></body>');
        self::assertSame(['+441632960999', 'hello@ropes.example', 'https://www.instagram.com/ropes/', 'Unit 4, Quay Yard Harl HA4 5QT', 'Mon–Fri 9am to 5pm'], $page->contacts);
    }

    public function testTheNameThatTheTitlesShareIsTheBusiness(): void
    {
        $named = static function (string ...$titles): array {
            $pages = array_map(static fn (string $title): SitePage => new SitePage('/'.rawurlencode($title), $title), array_values($titles));

            return Bench::values((new BriefReader(Bench::catalogue()))->read(new Source('s1', 'Site', SourceKind::Site, (new SiteInventory($pages))->toText())), FactKind::BusinessName);
        };
        self::assertSame(['Marsh Ropes'], $named('Marsh Ropes', 'About us | Marsh Ropes', 'Ropes by hand - Marsh Ropes'));
        self::assertSame(['Marsh & Pell'], $named('Marsh & Pell: Home', 'Marsh & Pell: Boats'));
        self::assertSame([], $named('About us', 'Ropes by hand', 'Contact'));
        self::assertSame([], $named('Marsh Ropes'), 'One title names its page as likely as its business.');
    }

    public function testSavedPagesJoinTheAddressesOfTheSitemapWhateverFolderTheyLieIn(): void
    {
        $sitemap = new SiteInventory([new SitePage('https://ropes.example/'), new SitePage('https://ropes.example/about'), new SitePage('https://ropes.example/shop/twine')]);
        $saved = static fn (string $folder): array => [new SitePage("$folder/about", 'About', [], 20), new SitePage("$folder/shop/twine", 'Twine', [], 30)];
        foreach (['', '/site', '/saved/ropes.example'] as $folder) {
            $pages = $sitemap->with($saved($folder))->pages;
            self::assertSame([['https://ropes.example/', ''], ['https://ropes.example/about', 'About'], ['https://ropes.example/shop/twine', 'Twine']], array_map(static fn (SitePage $page): array => [$page->address, $page->title], $pages), $folder);
        }
        self::assertSame(['/about', '/shop/twine'], array_map(static fn (SitePage $page): string => $page->address, (new SiteInventory([]))->with($saved('/site'))->pages));
    }

    public function testEntitiesAreRefused(): void
    {
        $this->expectException(InvalidBrief::class);
        $this->expectExceptionMessage('entities');
        (new SourceReader())->read('<?xml version="1.0"?><!DOCTYPE a [<!ENTITY x SYSTEM "file:///etc/hostname">]><urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9"><url><loc>&x;</loc></url></urlset>', 'x', 's1');
    }

    public function testBrokenXmlIsSaid(): void
    {
        $this->expectException(InvalidBrief::class);
        $this->expectExceptionMessage('broken XML');
        (new SourceReader())->read('<urlset><url><loc>', 'x', 's1');
    }
}

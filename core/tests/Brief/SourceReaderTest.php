<?php

declare(strict_types=1);

namespace DunePocket\Tests\Brief;

use DunePocket\Brief\InvalidBrief;
use DunePocket\Brief\SourceKind;
use DunePocket\Brief\Sources\DocumentText;
use DunePocket\Brief\Sources\SourceReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SourceReaderTest extends TestCase
{
    /** @return iterable<string, array{string, string, SourceKind}> bytes, the format they are converted from or "", what they become */
    public static function files(): iterable
    {
        yield 'text' => ['We make ropes.', '', SourceKind::Text];
        yield 'text that speaks of a page' => ['<3 ropes. We make ropes.', '', SourceKind::Text];
        yield 'an e-mail as it is read' => ["From: Ann\nSubject: Ropes\n\nWe make ropes.", '', SourceKind::Text];
        yield 'captions' => ["WEBVTT\n\n00:01.000 --> 00:02.000\nRopes.", '', SourceKind::Call];
        yield 'a sitemap' => ['<?xml version="1.0"?><urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9"><url><loc>http://www.example.com/</loc></url></urlset>', '', SourceKind::Site];
        yield 'PDF' => ['%PDF-1.7', 'pdf', SourceKind::Document];
        yield 'a Word file' => ["PK\x03\x04 word/document.xml", 'docx', SourceKind::Document];
        yield 'an OpenDocument file' => ["PK\x03\x04 mimetypeapplication/vnd.oasis.opendocument.text", 'odt', SourceKind::Document];
        yield 'an archive' => ["PK\x03\x04 index.html", 'zip', SourceKind::Site];
        yield 'a web page' => ["\n<!DOCTYPE html><p>Ropes", 'html', SourceKind::Text];
        yield 'XHTML' => ['<?xml version="1.0"?><!DOCTYPE html PUBLIC "-//W3C//DTD XHTML 1.0 Strict//EN" "x"><html xmlns="http://www.w3.org/1999/xhtml"/>', 'html', SourceKind::Text];
        yield 'a page saved by a browser' => ['<!-- saved from url=(0025)https://ropes.example/ --><html>', 'html', SourceKind::Text];
        yield 'a piece of a page' => ['<div>We make <b>ropes</b>.</div>', 'html', SourceKind::Text];
    }

    #[DataProvider('files')]
    public function testAFileIsReadByWhatItIs(string $bytes, string $format, SourceKind $kind): void
    {
        $documents = new class implements DocumentText {
            public string $format = '';

            public function of(string $bytes, string $format): string
            {
                $this->format = $format;

                return 'Text.';
            }
        };
        self::assertSame($kind, (new SourceReader($documents))->read($bytes, 'x', 's1')->kind);
        self::assertSame($format, $documents->format);
    }

    /** @return iterable<string, array{string, string}> bytes and a part of what is said of them */
    public static function refused(): iterable
    {
        yield 'a locked or old Office file' => ["\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1", 'locked with a password'];
        yield 'rich text' => ['{\rtf1 Ropes}', 'older word processors'];
        yield 'an e-mail as it was sent' => ["Received: from a\r\n by b\r\nFrom: Ann <ann@ropes.example>\r\nMIME-Version: 1.0\r\nContent-Type: text/plain\r\n\r\nRopes.", 'paste what it says'];
        yield 'an index of sitemaps' => ['<?xml version="1.0"?><sitemapindex/>', 'no sitemap of pages'];
    }

    #[DataProvider('refused')]
    public function testWhatIsNotReadIsSaid(string $bytes, string $said): void
    {
        $this->expectException(InvalidBrief::class);
        $this->expectExceptionMessage($said);
        (new SourceReader())->read($bytes, 'x', 's1');
    }
}

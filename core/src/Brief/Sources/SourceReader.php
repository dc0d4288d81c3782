<?php

declare(strict_types=1);

namespace DunePocket\Brief\Sources;

use DunePocket\Brief\InvalidBrief;
use DunePocket\Brief\Source;
use DunePocket\Brief\SourceKind;
use DunePocket\Brief\SourceText;

/** Makes a source of the text or the bytes that a client sent, by what they are and not by what they are called. */
final readonly class SourceReader
{
    private const ZIP = "PK\x03\x04";

    public function __construct(private ?DocumentText $documents = null)
    {
    }

    /**
     * @param string $bytes plain text, Markdown, captions, an XML sitemap, a web page, a word-processor file or a PDF
     *
     * @throws InvalidBrief when there is no text in it, or it is of a kind that is not read
     */
    public function read(string $bytes, string $title, string $id): Source
    {
        if (\strlen($bytes) > SourceText::MAX_BYTES) {
            throw new InvalidBrief('This file is larger than 10 MB. Send the part that is about the website.');
        }
        $format = $this->format($bytes);
        if (null !== $format) {
            $documents = $this->documents ?? throw new InvalidBrief('Only text files are read here. Save it as .txt or .md.');

            $kind = match ($format) {
                'html' => SourceKind::Text,
                'zip' => SourceKind::Site,
                default => SourceKind::Document,
            };

            return new Source($id, $title, $kind, SourceText::fromBytes($documents->of($bytes, $format)));
        }
        $text = SourceText::fromBytes($bytes);

        return match (true) {
            Captions::looksLike($text) => new Source($id, $title, SourceKind::Call, Captions::toText($text)),
            SiteInventory::looksLike($text) => new Source($id, $title, SourceKind::Site, SiteInventory::fromSitemap($text)->toText()),
            default => new Source($id, $title, SourceKind::Text, $text),
        };
    }

    private function format(string $bytes): ?string
    {
        return match (true) {
            str_starts_with($bytes, '%PDF-') => 'pdf',
            str_starts_with($bytes, self::ZIP) && str_contains(substr($bytes, 0, 200), 'application/vnd.oasis.opendocument.text') => 'odt',
            str_starts_with($bytes, self::ZIP) && str_contains($bytes, 'word/document.xml') => 'docx',
            str_starts_with($bytes, self::ZIP) => 'zip',
            1 === preg_match('/^\s*(?:<!doctype html|<html)\b/i', substr($bytes, 0, 500)) => 'html',
            default => null,
        };
    }
}

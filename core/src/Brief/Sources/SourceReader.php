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
    private const OLD_OFFICE = "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1";

    private const RICH_TEXT = '{\rtf';
    /** The head of a message by RFC 5322, with what says that MIME parts follow. */
    private const RAW_MAIL = '/^(?:[A-Za-z][\w-]*:[^\n]*\n(?:[ \t][^\n]*\n)*)*?MIME-Version:\s*1\.0/i';
    private const WEB_PAGE = '/^(?:\xEF\xBB\xBF)?\s*(?:<\?xml[^>]*>\s*)?(?:<!--.*?-->\s*)*<(?:!doctype html|html|head|body|div|p|table|h[1-6]|article|section|main|meta)\b/is';

    public function __construct(private ?DocumentText $documents = null)
    {
    }

    /**
     * @param string $bytes plain text, Markdown, captions, a form saved as data, an XML sitemap, a web page or an archive of them, a word-processor file or a PDF
     *
     * @throws InvalidBrief when there is no text in it, or it is of a kind that is not read
     */
    public function read(string $bytes, string $title, string $id): Source
    {
        if (\strlen($bytes) > SourceText::MAX_BYTES) {
            throw new InvalidBrief('This file is larger than 10 MB. Send the part that is about the website.');
        }
        if (str_starts_with($bytes, self::OLD_OFFICE) || str_starts_with($bytes, self::RICH_TEXT)) {
            throw new InvalidBrief('This file is locked with a password, or in a format of older word processors. Save it as .docx without a password.');
        }
        if (1 === preg_match(self::RAW_MAIL, substr($bytes, 0, 20_000))) {
            throw new InvalidBrief('This is an e-mail saved with its technical parts. Open it, and paste what it says.');
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
            FormData::looksLike($text) => new Source($id, $title, SourceKind::Text, FormData::toText($text)),
            FormTable::looksLike($text) => new Source($id, $title, SourceKind::Text, FormTable::toText($text)),
            str_starts_with(ltrim($text), '<?xml') => throw new InvalidBrief('This XML file is no sitemap of pages. An index of sitemaps names them: add those.'),
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
            1 === preg_match(self::WEB_PAGE, substr($bytes, 0, 2_000)) => 'html',
            default => null,
        };
    }
}

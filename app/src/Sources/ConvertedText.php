<?php

declare(strict_types=1);

namespace DunePocket\App\Sources;

use DunePocket\Brief\InvalidBrief;
use DunePocket\Brief\Sources\DocumentText;
use DunePocket\Brief\Sources\SiteInventory;
use Smalot\PdfParser\Config;
use Smalot\PdfParser\Parser;
use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Process;

/** Word-processor files and web pages by pandoc in its sandbox, PDF by smalot/pdfparser, archives of a website page by page. */
final readonly class ConvertedText implements DocumentText
{
    private const SECONDS = 20;
    private const MOST_UNPACKED = 60_000_000;
    private const MOST_FILES = 2_000;
    private const PDF_MEMORY = 100_000_000;

    public function of(string $bytes, string $format): string
    {
        $text = match ($format) {
            'pdf' => $this->pdf($bytes),
            'zip' => $this->archive($bytes),
            'html' => $this->pandoc($bytes, 'html'),
            default => $this->packed($bytes, $format),
        };
        if ('' === trim($text)) {
            throw new InvalidBrief('pdf' === $format ? 'This PDF holds pictures of text, no text. Ask for the original, or type what matters.' : 'There is no text in this file.');
        }

        return $text;
    }

    private function packed(string $bytes, string $format): string
    {
        $this->open($bytes)->close();

        return $this->pandoc($bytes, $format);
    }

    private function pandoc(string $bytes, string $format): string
    {
        $process = new Process(['pandoc', '--sandbox', '--from', $format, '--to', 'gfm-raw_html', '--wrap', 'none', '+RTS', '-M400M', '-RTS'], timeout: self::SECONDS);
        try {
            $process->setInput($bytes)->mustRun();
        } catch (ExceptionInterface $e) {
            throw new InvalidBrief('This file cannot be opened. Save it once more, or paste its text.', 0, $e);
        }

        return preg_replace('/\\\\(?=[\'"$<>@#\[\]*_.-])/', '', $process->getOutput()) ?? '';
    }

    private function pdf(string $bytes): string
    {
        $config = new Config();
        $config->setRetainImageContent(false);
        $config->setDecodeMemoryLimit(self::PDF_MEMORY);
        try {
            return (new Parser([], $config))->parseContent($bytes)->getText();
        } catch (\Throwable $e) {
            throw new InvalidBrief(str_contains(strtolower($e->getMessage()), 'secured') ? 'This PDF is locked with a password. Ask for an open one.' : 'This PDF cannot be opened. Save it once more, or paste its text.', 0, $e);
        }
    }

    /** An archive of saved pages, with or without a sitemap. */
    private function archive(string $bytes): string
    {
        $zip = $this->open($bytes);
        $inventory = new SiteInventory([]);
        $pages = [];
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $name = (string) $zip->getNameIndex($i);
            if (1 === preg_match('/\.html?$/i', $name)) {
                $address = '/'.preg_replace('~(?:^|/)index\.html?$|\.html?$~i', '', $name);
                $pages[] = SiteInventory::page($address, (string) $zip->getFromIndex($i));
            } elseif (1 === preg_match('/\.xml$/i', $name) && SiteInventory::looksLike((string) $zip->getFromIndex($i))) {
                $inventory = $inventory->with(SiteInventory::fromSitemap((string) $zip->getFromIndex($i))->pages);
            }
        }
        $zip->close();
        $inventory = $inventory->with($pages);
        if ([] === $inventory->pages) {
            throw new InvalidBrief('There is neither a sitemap nor a saved page in this archive.');
        }

        return $inventory->toText();
    }

    /** Opens an archive only when what it unpacks to is of a size that can be handled. */
    private function open(string $bytes): \ZipArchive
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'dune');
        file_put_contents($path, $bytes);
        $zip = new \ZipArchive();
        $opened = $zip->open($path, \ZipArchive::RDONLY);
        unlink($path);
        if (true !== $opened) {
            throw new InvalidBrief('This file is broken or locked. Save it once more.');
        }
        $size = 0;
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $size += $zip->statIndex($i)['size'] ?? 0;
        }
        if ($zip->numFiles > self::MOST_FILES || $size > self::MOST_UNPACKED) {
            throw new InvalidBrief('This file unpacks to more than 60 MB and is not opened. Send the text alone.');
        }

        return $zip;
    }
}

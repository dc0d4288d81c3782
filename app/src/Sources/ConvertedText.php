<?php

declare(strict_types=1);

namespace DunePocket\App\Sources;

use DunePocket\App\Sources\Pdf\Layout;
use DunePocket\Brief\InvalidBrief;
use DunePocket\Brief\Sources\DocumentText;
use DunePocket\Brief\Sources\SiteInventory;
use Symfony\Component\Process\Exception\ExceptionInterface;
use Symfony\Component\Process\Process;

/** Word-processor files and web pages by pandoc in its sandbox, PDF by poppler, archives of a website page by page. */
final readonly class ConvertedText implements DocumentText
{
    private const SECONDS = 20;
    private const MOST_UNPACKED = 60_000_000;
    private const MOST_FILES = 2_000;
    private const PDF_MEMORY = 600_000_000;

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
        $path = $this->file($bytes);
        try {
            $document = $this->open($path);
            if ('odt' === $format) {
                ListsInCells::spellOut($document);
            }
            $document->close();

            return $this->pandoc((string) file_get_contents($path), $format);
        } finally {
            unlink($path);
        }
    }

    private function pandoc(string $bytes, string $format): string
    {
        $process = new Process(['pandoc', '--sandbox', '--from', $format, '--to', 'gfm-raw_html', '--wrap', 'none', '--lua-filter', __DIR__.'/readable.lua', '+RTS', '-M400M', '-RTS'], timeout: self::SECONDS);
        try {
            $process->setInput($bytes)->mustRun();
        } catch (ExceptionInterface $e) {
            throw new InvalidBrief('This file cannot be opened. Save it once more, or paste its text.', 0, $e);
        }

        return preg_replace('/\\\\(?=[\'"$<>@#\[\]*_.|-])/', '', $process->getOutput()) ?? '';
    }

    private function pdf(string $bytes): string
    {
        $path = $this->file($bytes);
        $process = new Process(['prlimit', '--as='.self::PDF_MEMORY, 'pdftohtml', '-xml', '-i', '-noroundcoord', '-stdout', $path], timeout: self::SECONDS);
        try {
            return Layout::toText($process->mustRun()->getOutput());
        } catch (ExceptionInterface $e) {
            throw new InvalidBrief(str_contains($process->getErrorOutput(), 'password') ? 'This PDF is locked with a password. Ask for an open one.' : 'This PDF cannot be opened. Save it once more, or paste its text.', 0, $e);
        } finally {
            unlink($path);
        }
    }

    /** An archive of saved pages, with or without a sitemap. */
    private function archive(string $bytes): string
    {
        $path = $this->file($bytes);
        try {
            $zip = $this->open($path);

            return $this->inventory($zip)->toText();
        } finally {
            unlink($path);
        }
    }

    private function inventory(\ZipArchive $zip): SiteInventory
    {
        $inventory = new SiteInventory([]);
        $pages = [];
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $name = (string) $zip->getNameIndex($i);
            if (1 === preg_match('/\.html?$/i', $name)) {
                $address = '/'.preg_replace('~(?:^|/)index\.html?$|\.html?$~i', '', $name);
                $pages[] = SiteInventory::page($address, (string) $zip->getFromIndex($i));
            } elseif (1 === preg_match('/\.xml$/i', $name) && SiteInventory::looksLike((string) $zip->getFromIndex($i))) {
                $inventory = new SiteInventory([...$inventory->pages, ...SiteInventory::fromSitemap((string) $zip->getFromIndex($i))->pages]);
            }
        }
        $inventory = $inventory->with($pages);
        if ([] === $inventory->pages) {
            throw new InvalidBrief('There is neither a sitemap nor a saved page in this archive.');
        }

        return $inventory;
    }

    private function file(string $bytes): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'dune');
        file_put_contents($path, $bytes);

        return $path;
    }

    /** Opens an archive only when what it unpacks to is of a size that can be handled. */
    private function open(string $path): \ZipArchive
    {
        $zip = new \ZipArchive();
        if (true !== $zip->open($path)) {
            throw new InvalidBrief('This file is broken. Save it once more.');
        }
        $size = 0;
        for ($i = 0; $i < $zip->numFiles; ++$i) {
            $entry = $zip->statIndex($i);
            $size += $entry['size'] ?? 0;
            if (\ZipArchive::EM_NONE !== ($entry['encryption_method'] ?? \ZipArchive::EM_NONE)) {
                throw new InvalidBrief('This file is locked with a password. Ask for an open one.');
            }
        }
        if ($zip->numFiles > self::MOST_FILES || $size > self::MOST_UNPACKED) {
            throw new InvalidBrief('This file unpacks to more than 60 MB and is not opened. Send the text alone.');
        }

        return $zip;
    }
}

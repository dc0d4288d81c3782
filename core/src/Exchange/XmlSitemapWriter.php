<?php

declare(strict_types=1);

namespace DunePocket\Exchange;

use DunePocket\Plan\Page;
use DunePocket\Project\Project;

/**
 * The XML sitemap of the planned site: sitemaps.org protocol 0.9. A page that stands for many, and pages that
 * only serve others (basket, sign-in), are left out.
 */
final readonly class XmlSitemapWriter implements ExportFormat
{
    private const NAMESPACE = 'http://www.sitemaps.org/schemas/sitemap/0.9';
    private const LEFT_OUT = ['cart', 'checkout', 'thank-you', 'sign-in', 'account', 'search', 'not-found'];

    public function name(): string
    {
        return 'sitemap';
    }

    public function label(): string
    {
        return 'XML sitemap';
    }

    public function describe(): string
    {
        return 'The addresses of all planned pages, as search engines read them.';
    }

    public function mediaType(): string
    {
        return 'application/xml';
    }

    public function extension(): string
    {
        return '.xml';
    }

    public function write(Project $project, string $address): string
    {
        $base = rtrim('' === $address ? 'https://www.example.com' : $address, '/');
        $xml = new \XMLWriter();
        $xml->openMemory();
        $xml->setIndent(true);
        $xml->startDocument('1.0', 'UTF-8');
        $xml->startElement('urlset');
        $xml->writeAttribute('xmlns', self::NAMESPACE);
        foreach ($project->plan->pages as $page) {
            if ($this->isListed($page)) {
                $xml->startElement('url');
                $xml->writeElement('loc', $base.$project->plan->path($page));
                $xml->endElement();
            }
        }
        $xml->endElement();
        $xml->endDocument();

        return $xml->outputMemory();
    }

    private function isListed(Page $page): bool
    {
        return !$page->repeats && !\in_array($page->kind, self::LEFT_OUT, true);
    }
}

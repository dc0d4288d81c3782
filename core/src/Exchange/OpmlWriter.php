<?php

declare(strict_types=1);

namespace DunePocket\Exchange;

use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Project\Project;

/** The pages and what each is for as an outline: OPML 2.0. */
final readonly class OpmlWriter implements ExportFormat
{
    public function name(): string
    {
        return 'opml';
    }

    public function label(): string
    {
        return 'Outline';
    }

    public function describe(): string
    {
        return 'All pages in their hierarchy, with what each is for, for outliners and mind maps.';
    }

    public function mediaType(): string
    {
        return 'text/x-opml';
    }

    public function extension(): string
    {
        return '.opml';
    }

    public function write(Project $project, string $address): string
    {
        $xml = new \XMLWriter();
        $xml->openMemory();
        $xml->setIndent(true);
        $xml->startDocument('1.0', 'UTF-8');
        $xml->startElement('opml');
        $xml->writeAttribute('version', '2.0');
        $xml->startElement('head');
        $xml->writeElement('title', $project->name);
        $xml->endElement();
        $xml->startElement('body');
        foreach ($project->plan->children(null) as $page) {
            $this->outline($xml, $project->plan, $page);
        }
        $xml->endElement();
        $xml->endElement();
        $xml->endDocument();

        return $xml->outputMemory();
    }

    private function outline(\XMLWriter $xml, Plan $plan, Page $page): void
    {
        $xml->startElement('outline');
        $xml->writeAttribute('text', $page->title);
        $xml->writeAttribute('_note', $page->purpose);
        foreach ($plan->children($page->id) as $child) {
            $this->outline($xml, $plan, $child);
        }
        $xml->endElement();
    }
}

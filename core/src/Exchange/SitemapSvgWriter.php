<?php

declare(strict_types=1);

namespace DunePocket\Exchange;

use DunePocket\Catalogue\PageKinds;
use DunePocket\Project\Project;
use DunePocket\Sitemap\DiagramSvg;
use DunePocket\Sitemap\Surveyor;

/** The diagram of the hierarchy as SVG 1.1, text as text. */
final readonly class SitemapSvgWriter implements ExportFormat
{
    private Surveyor $surveyor;

    public function __construct(PageKinds $kinds)
    {
        $this->surveyor = new Surveyor($kinds);
    }

    public function name(): string
    {
        return 'sitemap-svg';
    }

    public function label(): string
    {
        return 'Sitemap as a drawing';
    }

    public function describe(): string
    {
        return 'The hierarchy of all pages as a vector drawing that other programs can edit.';
    }

    public function mediaType(): string
    {
        return 'image/svg+xml';
    }

    public function extension(): string
    {
        return '.svg';
    }

    public function write(Project $project, string $address): string
    {
        return (new DiagramSvg())->paint($this->surveyor->diagram($project->plan), 'Sitemap of '.$project->name);
    }
}

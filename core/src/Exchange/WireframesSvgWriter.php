<?php

declare(strict_types=1);

namespace DunePocket\Exchange;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Project\Project;
use DunePocket\Wireframe\Board;
use DunePocket\Wireframe\BoardPage;
use DunePocket\Wireframe\Draughtsman;
use DunePocket\Wireframe\Viewport;

/** The wireframes of all pages at three widths as one SVG, in groups named after page, width and section. */
final readonly class WireframesSvgWriter implements ExportFormat
{
    private Draughtsman $draughtsman;

    public function __construct(Catalogue $catalogue)
    {
        $this->draughtsman = new Draughtsman($catalogue);
    }

    public function name(): string
    {
        return 'wireframes';
    }

    public function label(): string
    {
        return 'Wireframes';
    }

    public function describe(): string
    {
        return 'Every page at three widths as vector drawings, text as text, in groups named after page and section.';
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
        return (new Board())->svg($project->name, array_map(fn (Page $page): BoardPage => $this->page($project->plan, $page), $project->plan->pages));
    }

    private function page(Plan $plan, Page $page): BoardPage
    {
        $widths = [];
        foreach (Viewport::cases() as $viewport) {
            foreach ($page->sections() as $section) {
                $shown = $plan->resolve($section);
                $widths[$viewport->value][] = [$shown->title, $this->draughtsman->drawing($shown, $viewport)];
            }
        }

        return new BoardPage($page->id, $page->title, $plan->path($page), $widths);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Exchange\Site;

use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Page;
use DunePocket\Plan\Section;
use DunePocket\Project\Project;
use DunePocket\Wireframe\Html\Naming;
use DunePocket\Wireframe\Html\PageWriter;
use DunePocket\Wireframe\Html\StyleSheet;

/** The pages of a project as HTML and CSS, with menus and links that lead from one to another. */
final readonly class SitePages
{
    private PageWriter $writer;

    public function __construct(private Catalogue $catalogue)
    {
        $this->writer = new PageWriter($catalogue);
    }

    /**
     * @param \Closure(Page): string $address of a page
     * @param ?string                $only    id of the one section to write; null for all
     *
     * @return array{title: string, css: string, body: string}
     */
    public function page(Project $project, Page $page, Naming $naming, \Closure $address, ?string $only = null): array
    {
        $sections = array_map($project->plan->resolve(...), array_values(array_filter($page->sections(), static fn (Section $section): bool => null === $only || $section->id === $only)));
        $sheet = new StyleSheet();
        $links = new SiteLinks($project->plan, $this->catalogue, new Profile($project->brief, $this->catalogue), $address);
        $body = $this->writer->body($sections, $naming, $sheet, $links);

        return ['title' => '' === $page->search->title ? $page->title : $page->search->title, 'css' => $this->writer->base().$sheet->css(), 'body' => $body];
    }
}

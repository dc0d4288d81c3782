<?php

declare(strict_types=1);

namespace DunePocket\App\Review;

use DunePocket\App\Entity\ReviewRound;
use DunePocket\Plan\Page;
use DunePocket\Plan\Section;
use DunePocket\Project\Project;
use DunePocket\Sitemap\DiagramSvg;
use DunePocket\Sitemap\Surveyor;
use DunePocket\Wireframe\Draughtsman;

/** What a client sees of a round: pages, sections, what each is for. No facts, no reasons, no findings. */
final readonly class ClientView
{
    public function __construct(private Draughtsman $draughtsman, private Surveyor $surveyor)
    {
    }

    /** @return array<string, mixed> */
    public function round(ReviewRound $round, Project $project): array
    {
        $plan = $project->plan;

        return [
            'project' => $project->name,
            'number' => $round->number(),
            'madeAt' => $round->madeAt()->format(\DATE_ATOM),
            'expiresAt' => $round->link()->expiresAt()?->format(\DATE_ATOM),
            'designer' => $round->project()->owner()->name(),
            'sitemap' => (new DiagramSvg())->paint($this->surveyor->diagram($plan), 'Sitemap of '.$project->name),
            'pages' => array_map(fn (Page $page): array => [
                'id' => $page->id,
                'title' => $page->title,
                'path' => $plan->path($page),
                'depth' => $plan->depth($page),
                'purpose' => $page->purpose,
                'sections' => array_map(function (Section $section) use ($plan): array {
                    $shown = $plan->resolve($section);

                    return ['id' => $section->id, 'title' => $shown->title, 'purpose' => $shown->purpose, 'thumbnail' => $this->draughtsman->thumbnail($shown)];
                }, $page->sections()),
            ], $plan->pages),
        ];
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Sitemap;

use DunePocket\Catalogue\PageKinds;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Wireframe\FontMetrics;
use DunePocket\Wireframe\LineBreaker;

/**
 * Draws up the diagram of a site: Home on top, each page of the first level with those below it hanging from it, in as
 * many bands as make the sheet fullest; legal and supporting pages in a band of their own.
 */
final readonly class Surveyor
{
    private const MARGIN = 28.0;
    private const GAP = 22.0;
    private const STEP = 18.0;
    private const HANG = 11.0;
    private const BAND = 44.0;
    private const TRUNK = 20.0;
    /** Width to height of a landscape sheet: ISO 216. */
    private const SHEET = 1.41421356;
    private const TITLE = 13;
    private const WEIGHT = 600;
    private const LINES = 2;
    private const NARROWEST = 90.0;

    private LineBreaker $breaker;

    public function __construct(private PageKinds $kinds)
    {
        $this->breaker = new LineBreaker(FontMetrics::shipped());
    }

    public function diagram(Plan $plan): Diagram
    {
        $home = null;
        $groups = [];
        $supporting = [];
        foreach ($plan->children(null) as $page) {
            if ('' === $page->slug) {
                $home ??= $page;
            }
            if ($page !== $home) {
                $group = $this->group($plan, $page);
                if ($this->kinds->counts($page->kind)) {
                    $groups[] = $group;
                } else {
                    $supporting[] = $group;
                }
            }
        }
        $columns = $this->columns($groups, $supporting);
        $x = self::MARGIN + self::TRUNK;
        $width = $columns * (PageBox::WIDTH + self::GAP) - self::GAP + 2 * self::MARGIN + self::TRUNK;
        [$boxes, $lines, $words] = [[], [], []];
        $y = self::MARGIN;
        $trunk = self::MARGIN + self::TRUNK / 2;
        if (null !== $home) {
            $boxes[] = $this->box($plan, $home)->moved($x, $y);
            $lines[] = [$x, $y + PageBox::HEIGHT / 2, $trunk, $y + PageBox::HEIGHT / 2];
            $y += PageBox::HEIGHT + self::BAND;
        }
        $top = self::MARGIN + PageBox::HEIGHT / 2;
        foreach (array_chunk($groups, $columns) as $band) {
            $rail = $y - self::BAND / 2;
            foreach ($band as $i => $group) {
                $left = $x + $i * (PageBox::WIDTH + self::GAP);
                array_push($boxes, ...array_map(static fn (PageBox $box): PageBox => $box->moved($left, $y), $group->boxes));
                array_push($lines, ...array_map(static fn (array $line): array => [$line[0] + $left, $line[1] + $y, $line[2] + $left, $line[3] + $y], $group->lines));
                $lines[] = [$left + PageBox::WIDTH / 2, $rail, $left + PageBox::WIDTH / 2, $y];
            }
            $lines[] = [$trunk, $rail, $x + (\count($band) - 1) * (PageBox::WIDTH + self::GAP) + PageBox::WIDTH / 2, $rail];
            $lines[] = [$trunk, $top, $trunk, $rail];
            $top = $rail;
            $y += max(array_map(static fn (Diagram $group): float => $group->height, $band)) + self::BAND;
        }
        if ([] !== $supporting) {
            $words[] = [$x, $y - self::BAND / 2 + 6, 'Legal and supporting pages'];
        }
        foreach (array_chunk($supporting, $columns) as $band) {
            foreach ($band as $i => $group) {
                $left = $x + $i * (PageBox::WIDTH + self::GAP);
                array_push($boxes, ...array_map(static fn (PageBox $box): PageBox => $box->moved($left, $y), $group->boxes));
                array_push($lines, ...array_map(static fn (array $line): array => [$line[0] + $left, $line[1] + $y, $line[2] + $left, $line[3] + $y], $group->lines));
            }
            $y += max(array_map(static fn (Diagram $group): float => $group->height, $band)) + self::GAP;
        }

        return new Diagram($width, $y + self::MARGIN, $boxes, $lines, $words);
    }

    /** A page with all below it, at 0, 0. */
    private function group(Plan $plan, Page $page, float $indent = 0.0): Diagram
    {
        $boxes = [$this->box($plan, $page, $indent)];
        $lines = [];
        $y = PageBox::HEIGHT + self::HANG;
        $rail = $indent + self::STEP / 2;
        foreach ($plan->children($page->id) as $child) {
            $below = $this->group($plan, $child, $indent + self::STEP);
            array_push($boxes, ...array_map(static fn (PageBox $box): PageBox => $box->moved(0.0, $y), $below->boxes));
            array_push($lines, ...array_map(static fn (array $line): array => [$line[0], $line[1] + $y, $line[2], $line[3] + $y], $below->lines));
            $middle = $y + PageBox::HEIGHT / 2;
            $lines[] = [$rail, PageBox::HEIGHT, $rail, $middle];
            $lines[] = [$rail, $middle, $indent + self::STEP, $middle];
            $y += $below->height + self::HANG;
        }

        return new Diagram($indent + PageBox::WIDTH, $y - self::HANG, $boxes, $lines, []);
    }

    /**
     * @param list<Diagram> $groups
     * @param list<Diagram> $supporting
     *
     * @return int<1, max> the number of columns with which the diagram is largest on a landscape sheet
     */
    private function columns(array $groups, array $supporting): int
    {
        $best = 1;
        $largest = 0.0;
        for ($columns = 1; $columns <= max(1, \count($groups), min(8, \count($supporting))); ++$columns) {
            $width = $columns * (PageBox::WIDTH + self::GAP) + 2 * self::MARGIN;
            $height = PageBox::HEIGHT + 2 * self::MARGIN;
            foreach ([$groups, $supporting] as $part) {
                foreach (array_chunk($part, $columns) as $band) {
                    $height += max(array_map(static fn (Diagram $group): float => $group->height, $band)) + self::BAND;
                }
            }
            $scale = min(self::SHEET / $width, 1 / $height);
            if ($scale > $largest * 1.0001) {
                [$best, $largest] = [$columns, $scale];
            }
        }

        return $best;
    }

    private function box(Plan $plan, Page $page, float $indent = 0.0): PageBox
    {
        $width = max(self::NARROWEST, PageBox::WIDTH - $indent);
        $lines = array_column($this->breaker->break($page->title, $width - 18, self::TITLE, self::WEIGHT), 0);
        if (\count($lines) > self::LINES) {
            $lines = \array_slice($lines, 0, self::LINES);
            $lines[self::LINES - 1] = rtrim(mb_substr($lines[self::LINES - 1], 0, -1)).'…';
        }

        return new PageBox($page->id, $indent, 0.0, $width, $lines, $plan->path($page), $page->repeats, !$this->kinds->counts($page->kind), $page->navigation);
    }
}

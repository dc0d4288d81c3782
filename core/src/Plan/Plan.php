<?php

declare(strict_types=1);

namespace DunePocket\Plan;

/** The site plan: pages in reading order, and the sections that several of them share. Never changed, only replaced. */
final readonly class Plan
{
    /** @var array<string, Page> the pages by id */
    private array $byId;

    /**
     * @param list<Page>    $pages
     * @param list<Section> $shared
     */
    public function __construct(
        public array $pages = [],
        public array $shared = [],
    ) {
        $this->byId = array_column($pages, null, 'id');
    }

    public function isEmpty(): bool
    {
        return [] === $this->pages;
    }

    /** @throws UnknownElement */
    public function page(string $id): Page
    {
        return $this->findPage($id) ?? throw new UnknownElement('This page is not in the plan any more.');
    }

    public function findPage(?string $id): ?Page
    {
        return $this->byId[$id ?? ''] ?? null;
    }

    /**
     * A section on a page or a shared one.
     *
     * @throws UnknownElement
     */
    public function section(string $id): Section
    {
        foreach ($this->shared as $section) {
            if ($section->id === $id) {
                return $section;
            }
        }
        [$page, $index] = $this->place($id);

        return $page->sections()[$index];
    }

    /** What stands for a section: the shared one, under its own id, or itself. */
    public function shown(Section $section): Section
    {
        foreach (null === $section->shared ? [] : $this->shared as $shared) {
            if ($shared->id === $section->shared) {
                return $shared->withId($section->id)->withShared($shared->id);
            }
        }

        return $section;
    }

    /**
     * What is shown for a section with the entries of header and footer, which follow the pages and are never
     * written down.
     */
    public function resolve(Section $section): Section
    {
        $shown = $this->shown($section);

        return match ($shown->kind) {
            'site-header' => $shown->withCopy([...$shown->copy, ...$this->entries(Navigation::Main)]),
            'site-footer' => $shown->withCopy([...$shown->copy, ...$this->entries(Navigation::Main, Navigation::Footer)]),
            default => $shown,
        };
    }

    public function hasShared(string $id): bool
    {
        foreach ($this->shared as $section) {
            if ($section->id === $id) {
                return true;
            }
        }

        return false;
    }

    /** How many pages show a shared section. */
    public function timesShared(string $id): int
    {
        return \count(array_filter($this->pages, static fn (Page $page): bool => [] !== array_filter($page->sections(), static fn (Section $section): bool => $section->shared === $id)));
    }

    public function nextSharedId(): string
    {
        return 'sh'.(max([0, ...array_map(static fn (Section $section): int => (int) substr($section->id, 2), $this->shared)]) + 1);
    }

    /** @return list<CopyLine> the titles of the pages that stand there, the home page aside */
    private function entries(Navigation ...$where): array
    {
        $entries = [];
        foreach ($where as $navigation) {
            foreach ($this->pages as $page) {
                if ($page->navigation === $navigation && '' !== $page->slug && (Navigation::Footer === $navigation || null === $page->parent)) {
                    $entries[] = new CopyLine('item', CopyRole::Item, $page->title, \count($entries));
                }
            }
        }

        return $entries;
    }

    /**
     * Where a section stands.
     *
     * @return array{Page, int} its page and its index there
     *
     * @throws UnknownElement when it is on no page
     */
    public function place(string $sectionId): array
    {
        foreach ($this->pages as $page) {
            $index = array_search($sectionId, $page->content()->ids(), true);
            if (false !== $index) {
                return [$page, $index];
            }
        }

        throw new UnknownElement('This section is not in the plan any more.');
    }

    /** @return array{?Section, ?Section} the sections above and below one on its page, what is shared resolved */
    public function neighbours(Page $page, Section $section): array
    {
        $sections = $page->sections();
        $at = (int) array_search($section, $sections, true);
        $neighbour = fn (int $index): ?Section => isset($sections[$index]) ? $this->resolve($sections[$index]) : null;

        return [$neighbour($at - 1), $neighbour($at + 1)];
    }

    /** The first page that shows a section, or stands it in for a shared one; null when none does. */
    public function pageOf(string $sectionId): ?Page
    {
        foreach ($this->pages as $page) {
            foreach ($page->sections() as $section) {
                if ($section->id === $sectionId || $section->shared === $sectionId) {
                    return $page;
                }
            }
        }

        return null;
    }

    public function pageIndex(string $id): int
    {
        foreach ($this->pages as $index => $page) {
            if ($page->id === $id) {
                return $index;
            }
        }

        throw new UnknownElement('This page is not in the plan any more.');
    }

    /** "/" for the home page, "/swim/sauna" for one below another. */
    public function path(Page $page): string
    {
        $parts = [];
        $seen = [];
        for ($at = $page; null !== $at && !isset($seen[$at->id]); $at = $this->findPage($at->parent)) {
            $seen[$at->id] = true;
            if ('' !== $at->slug) {
                array_unshift($parts, $at->slug);
            }
        }

        return '/'.implode('/', $parts);
    }

    /** 0 for a page at the top, 1 for one below it, and so on. */
    public function depth(Page $page): int
    {
        $depth = 0;
        for ($at = $this->findPage($page->parent); null !== $at && $depth < 20; $at = $this->findPage($at->parent)) {
            ++$depth;
        }

        return $depth;
    }

    /** @return list<Page> */
    public function children(?string $parent): array
    {
        return array_values(array_filter($this->pages, static fn (Page $page): bool => $page->parent === $parent));
    }

    /** Whether the page is the other one or stands below it. */
    public function isWithin(string $id, string $other): bool
    {
        for ($at = $this->findPage($id), $n = 0; null !== $at && $n < 20; $at = $this->findPage($at->parent), ++$n) {
            if ($at->id === $other) {
                return true;
            }
        }

        return false;
    }

    /** @param list<Page> $pages */
    public function withPages(array $pages): self
    {
        return new self($pages, $this->shared);
    }

    public function withPage(Page $page): self
    {
        return $this->withPages(array_map(static fn (Page $existing): Page => $existing->id === $page->id ? $page : $existing, $this->pages));
    }

    /** The plan with this section in place of the one with the same id, shared or not. */
    public function withSection(Section $section): self
    {
        foreach ($this->shared as $i => $shared) {
            if ($shared->id === $section->id) {
                $all = $this->shared;
                $all[$i] = $section;

                return new self($this->pages, array_values($all));
            }
        }
        [$page, $index] = $this->place($section->id);
        $sections = $page->sections();
        $sections[$index] = $section;

        return $this->withPage($page->withSections(array_values($sections)));
    }

    public function figures(): CopyFigures
    {
        return array_reduce($this->pages, static fn (CopyFigures $sum, Page $page): CopyFigures => $sum->plus($page->content()->figures()), new CopyFigures());
    }

    public function nextPageId(): string
    {
        return 'p'.(max([0, ...array_map(static fn (Page $page): int => (int) substr($page->id, 1), $this->pages)]) + 1);
    }

    public function nextSectionId(string $pageId): string
    {
        $highest = 0;
        foreach ($this->pages as $page) {
            foreach ($page->content()->ids() as $id) {
                if (str_starts_with($id, $pageId.'s')) {
                    $highest = max($highest, (int) substr($id, \strlen($pageId) + 1));
                }
            }
        }

        return $pageId.'s'.($highest + 1);
    }
}

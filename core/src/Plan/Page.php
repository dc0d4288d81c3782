<?php

declare(strict_types=1);

namespace DunePocket\Plan;

use DunePocket\Data\InvalidData;
use DunePocket\Data\Node;

final readonly class Page
{
    private PageContent $content;

    /**
     * @param ?string                   $parent   id of the page above
     * @param string                    $slug     its own part of the path; "" for the home page
     * @param bool                      $repeats  one design that stands for many pages
     * @param list<Reason>              $reasons
     * @param list<Section>|PageContent $sections
     */
    public function __construct(
        public string $id,
        public ?string $parent,
        public string $kind,
        public string $title,
        public string $slug,
        public Navigation $navigation,
        public bool $repeats,
        public string $purpose,
        public array $reasons = [],
        public SearchEntry $search = new SearchEntry(),
        array|PageContent $sections = [],
    ) {
        $this->content = \is_array($sections) ? PageContent::of($sections) : $sections;
    }

    /** @throws InvalidData */
    public static function fromNode(Node $node): self
    {
        return self::fromHead($node, PageContent::of(array_map(Section::fromNode(...), $node->children('sections'))));
    }

    /**
     * @param Node $node the page without its sections
     *
     * @throws InvalidData
     */
    public static function fromHead(Node $node, PageContent $content): self
    {
        return new self(
            $node->string('id'),
            $node->optionalString('parent'),
            $node->string('kind'),
            $node->string('title'),
            $node->string('slug'),
            $node->enum('navigation', Navigation::class),
            $node->bool('repeats', false),
            $node->string('purpose'),
            array_map(Reason::fromNode(...), $node->children('reasons')),
            SearchEntry::fromNode($node->child('search')),
            $content,
        );
    }

    /** @return list<Section> */
    public function sections(): array
    {
        return $this->content->sections();
    }

    /** Where a further section goes: before the call to action and the footer. */
    public function end(): int
    {
        $sections = $this->sections();
        $end = \count($sections);
        while ($end > 0 && null !== $sections[$end - 1]->shared && 'site-header' !== $sections[$end - 1]->kind) {
            --$end;
        }

        return $end;
    }

    public function content(): PageContent
    {
        return $this->content;
    }

    /** @return array<string, mixed> without the path, which only the plan knows */
    public function toArray(): array
    {
        return $this->head() + ['sections' => array_map(static fn (Section $section): array => $section->toArray(), $this->sections())];
    }

    /** @return array<string, mixed> all but the sections */
    public function head(): array
    {
        return [
            'id' => $this->id,
            'parent' => $this->parent,
            'kind' => $this->kind,
            'title' => $this->title,
            'slug' => $this->slug,
            'navigation' => $this->navigation->value,
            'repeats' => $this->repeats,
            'purpose' => $this->purpose,
            'reasons' => array_map(static fn (Reason $reason): array => $reason->toArray(), $this->reasons),
            'search' => $this->search->toArray(),
            'sections' => array_map(static fn (Section $section): array => $section->toArray(), $this->sections()),
        ];
    }

    /** @param list<Section> $sections */
    public function withSections(array $sections): self
    {
        return new self($this->id, $this->parent, $this->kind, $this->title, $this->slug, $this->navigation, $this->repeats, $this->purpose, $this->reasons, $this->search, $sections);
    }

    public function withParent(?string $parent): self
    {
        return new self($this->id, $parent, $this->kind, $this->title, $this->slug, $this->navigation, $this->repeats, $this->purpose, $this->reasons, $this->search, $this->sections());
    }

    public function withTitle(string $title): self
    {
        return new self($this->id, $this->parent, $this->kind, $title, $this->slug, $this->navigation, $this->repeats, $this->purpose, $this->reasons, $this->search, $this->sections());
    }

    public function withSlug(string $slug): self
    {
        return new self($this->id, $this->parent, $this->kind, $this->title, $slug, $this->navigation, $this->repeats, $this->purpose, $this->reasons, $this->search, $this->sections());
    }

    public function withNavigation(Navigation $navigation): self
    {
        return new self($this->id, $this->parent, $this->kind, $this->title, $this->slug, $navigation, $this->repeats, $this->purpose, $this->reasons, $this->search, $this->sections());
    }

    public function withPurpose(string $purpose): self
    {
        return new self($this->id, $this->parent, $this->kind, $this->title, $this->slug, $this->navigation, $this->repeats, $purpose, $this->reasons, $this->search, $this->sections());
    }
}

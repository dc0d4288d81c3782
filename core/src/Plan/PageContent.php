<?php

declare(strict_types=1);

namespace DunePocket\Plan;

/**
 * The sections of a page, read only when they are looked at: most changes to a large plan look at one page.
 */
final class PageContent
{
    /**
     * @param list<Section>|null               $sections
     * @param list<string>|null                $ids
     * @param (\Closure(): list<Section>)|null $read
     */
    private function __construct(
        private ?array $sections,
        private ?array $ids = null,
        private ?CopyFigures $figures = null,
        private readonly ?\Closure $read = null,
    ) {
    }

    /** @param list<Section> $sections */
    public static function of(array $sections): self
    {
        return new self($sections);
    }

    /**
     * @param list<string>              $ids     of the sections, in order
     * @param ?CopyFigures              $figures null when they were never counted
     * @param \Closure(): list<Section> $read    called once at most
     */
    public static function deferred(array $ids, ?CopyFigures $figures, \Closure $read): self
    {
        return new self(null, $ids, $figures, $read);
    }

    /** @return list<Section> */
    public function sections(): array
    {
        return $this->sections ??= null === $this->read ? [] : ($this->read)();
    }

    /** @return list<string> */
    public function ids(): array
    {
        return $this->ids ??= array_map(static fn (Section $section): string => $section->id, $this->sections());
    }

    public function figures(): CopyFigures
    {
        return $this->figures ??= CopyFigures::of($this->sections());
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Pages;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\PageRange;
use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Catalogue\PageKind;
use DunePocket\Language\Typography;
use DunePocket\Plan\Planning\PageDraft;
use DunePocket\Plan\Reason;

/** The pages of a site as far as they are decided on. */
final class PageList
{
    /** As many requests as make a list that the client means to be complete. */
    private const COMPLETE = 4;
    /** Kinds of which a site has several, each about something of its own. */
    private const SEVERAL = ['service', 'page', 'area', 'landing'];

    /** @var list<PageDraft> */
    private array $drafts = [];

    /** @var array<string, string> bare names, as far as asked for */
    private array $keys = [];

    /** The client gave a list of pages and means it to be complete. */
    public readonly bool $isComplete;

    /** @param ?PageRange $range the wished number of pages, if any */
    public function __construct(
        public readonly Catalogue $catalogue,
        public readonly Profile $profile,
        public readonly ?PageRange $range,
    ) {
        $requests = array_filter($profile->brief->of(FactKind::PageRequest), static fn (Fact $fact): bool => !$fact->isDefault());
        $this->isComplete = \count($requests) >= self::COMPLETE;
    }

    /** @return list<PageDraft> */
    public function drafts(): array
    {
        return $this->drafts;
    }

    /** Adds a page, unless the client refused it; one that is there already has one reason more. */
    public function add(PageDraft $draft): void
    {
        if ($this->isRefused($draft->kind, $draft->title)) {
            return;
        }
        foreach ($this->drafts as $existing) {
            if ($this->isSame($existing, $draft)) {
                $existing->reasons = [...$existing->reasons, ...$draft->reasons];
                $existing->listed = $existing->listed || $draft->listed;

                return;
            }
        }
        $this->drafts[] = $draft;
    }

    public function remove(PageDraft $given): void
    {
        $this->drafts = array_values(array_filter($this->drafts, static fn (PageDraft $draft): bool => $draft !== $given));
    }

    /** A page of a kind as the catalogue knows it, with the title that suits the business. */
    public function draft(string $kind, Reason $reason): PageDraft
    {
        $business = $this->profile->kind;
        $page = $this->kind($kind);
        $title = match ($kind) {
            'services' => Typography::capital($business->offerings),
            'products' => 'sales' === $this->profile->goal || $this->profile->wants('shop') ? 'Shop' : Typography::capital($business->offerings),
            'booking' => $business->buttons['bookings'] ?? $page->title,
            'quote' => $business->buttons['leads'] ?? $page->title,
            default => $page->title,
        };

        return new PageDraft($kind, $title, $reason, rank: $page->rank);
    }

    public function kind(string $kind): PageKind
    {
        return $this->catalogue->pageKinds()->get($kind);
    }

    public function first(string $kind): ?PageDraft
    {
        foreach ($this->drafts as $draft) {
            if ($draft->kind === $kind) {
                return $draft;
            }
        }

        return null;
    }

    public function has(string $kind): bool
    {
        return null !== $this->first($kind);
    }

    /** Pages that count against a wished number. */
    public function count(): int
    {
        return \count(array_filter($this->drafts, fn (PageDraft $draft): bool => $this->catalogue->pageKinds()->counts($draft->kind)));
    }

    public function isRefused(string $kind, string $title): bool
    {
        return $this->profile->refusesPage($kind) || [] !== array_filter($this->profile->brief->of(FactKind::PageRefusal), fn (Fact $refusal): bool => $this->key($refusal->value) === $this->key($title));
    }

    /** What two names share that name the same: "Our Prices page" and "price". */
    public function key(string $name): string
    {
        return $this->keys[$name] ??= self::bare($name);
    }

    /** @return list<string> ids of the facts of these kinds, in the order of the brief */
    public function facts(FactKind ...$kinds): array
    {
        return array_values(array_map(static fn (Fact $fact): string => $fact->id, array_filter($this->profile->brief->facts, static fn (Fact $fact): bool => \in_array($fact->kind, $kinds, true))));
    }

    private function isSame(PageDraft $existing, PageDraft $draft): bool
    {
        return ($existing->kind === $draft->kind && !\in_array($draft->kind, self::SEVERAL, true))
            || (!$this->kind($draft->kind)->repeats && $this->key($existing->title) === $this->key($draft->title))
            || (null !== $draft->subject && $existing->subject === $draft->subject && ('area' !== $draft->kind || $this->key($existing->title) === $this->key($draft->title)));
    }

    private static function bare(string $name): string
    {
        $key = preg_replace('/^(?:the|our|my|an?)\s+|\s+pages?$/iu', '', mb_strtolower(trim($name))) ?? $name;

        return preg_replace('/(?<=\p{L}{3})s\b/u', '', $key) ?? $key;
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Pages;

use DunePocket\Brief\FactKind;
use DunePocket\Plan\Planning\PageDraft;
use DunePocket\Plan\Reason;

/** Merges pages that nobody asked for into others, until there are no more than the client wished for. */
final readonly class DownToTheNumber implements PageStep
{
    /** Sections that every page has and none takes over. */
    private const EVERYWHERE = ['page-intro', 'hero', 'call-to-action', 'related'];

    public function plan(PageList $pages): void
    {
        if (null === $pages->range) {
            return;
        }
        while ($pages->count() > $pages->range->max) {
            $candidates = array_filter($pages->drafts(), fn (PageDraft $draft): bool => $this->mayGo($draft, $pages, $pages->range->max));
            if ([] === $candidates) {
                return;
            }
            usort($candidates, static fn (PageDraft $a, PageDraft $b): int => $a->rank <=> $b->rank);
            $this->merge($candidates[0], $pages);
        }
    }

    private function mayGo(PageDraft $draft, PageList $pages, int $most): bool
    {
        return !$draft->asked
            && !\in_array($draft->kind, ['privacy', 'home'], true)
            && $pages->catalogue->pageKinds()->counts($draft->kind)
            && ('contact' !== $draft->kind || $pages->isComplete || $pages->has('location') || \count($pages->profile->asked()) >= $most || 1 === $most);
    }

    private function merge(PageDraft $given, PageList $pages): void
    {
        $pages->remove($given);
        $target = ('contact' === $given->kind ? $pages->first('location') : null) ?? $pages->first($pages->kind($given->kind)->into ?? 'home') ?? $pages->first('home');
        if (null === $target) {
            return;
        }
        $target->reasons[] = new Reason(\sprintf('Takes up “%s”, to keep to the wished number of pages.', $given->title), $pages->facts(FactKind::PageCount));
        $never = [...self::EVERYWHERE, ...('home' === $target->kind ? $pages->profile->kind->never : [])];
        $sections = array_map(static fn (string $entry): string => explode(' ', $entry)[0], $pages->kind($given->kind)->recipe);
        $target->takenOver = [...$target->takenOver, ...\array_slice(array_values(array_diff($sections, $never)), 0, 1)];
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Pages;

use DunePocket\Plan\Planning\PageDraft;

/** The order of the menu: the client's own where they listed all pages, else that of core/catalogue/menu-order.yaml. */
final readonly class MenuOrder
{
    /** @return list<PageDraft> each after its parent */
    public function of(PageList $pages): array
    {
        $top = array_values(array_filter($pages->drafts(), static fn (PageDraft $draft): bool => null === $draft->parent));
        usort($top, fn (PageDraft $a, PageDraft $b): int => $this->place($a, $pages) <=> $this->place($b, $pages));
        $ordered = [];
        foreach ($top as $draft) {
            $beneath = array_filter($pages->drafts(), static fn (PageDraft $child): bool => $child->parent === $draft);
            $ordered = [...$ordered, $draft, ...array_values($beneath)];
        }

        return $ordered;
    }

    /** @return array{int, int, int, int} compared from the left: pages of the menu, those behind, support; Home, others, Contact; the list's order */
    private function place(PageDraft $draft, PageList $pages): array
    {
        $kinds = $pages->catalogue->pageKinds();

        return [
            match (true) {
                $pages->kind($draft->kind)->support => 2,
                $kinds->counts($draft->kind) => 0,
                default => 1,
            },
            match ($draft->kind) {
                'home' => 0,
                'contact' => 2,
                default => 1,
            },
            $pages->isComplete && $draft->order > 0 ? $draft->order : $kinds->menuPlace($draft->kind),
            $draft->order,
        ];
    }
}

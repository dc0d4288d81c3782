<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Pages;

use DunePocket\Brief\FactKind;
use DunePocket\Plan\Planning\PageDraft;
use DunePocket\Plan\Reason;

/** What stands beneath what: services beneath their list, places beneath "Where we work". What the client listed stands beneath nothing that they did not list. */
final readonly class Hierarchy implements PageStep
{
    /** About seven entries beside Home: common practice. */
    private const LONGEST_MENU = 8;
    private const ENOUGH_FOR_A_LIST = 3;

    public function plan(PageList $pages): void
    {
        $services = array_values(array_filter($pages->drafts(), static fn (PageDraft $draft): bool => 'service' === $draft->kind));
        $list = $pages->first('services') ?? $pages->first('products') ?? $this->newList($services, $pages);
        $menu = \count(array_filter($pages->drafts(), static fn (PageDraft $draft): bool => 'main' === $pages->kind($draft->kind)->navigation));
        $staysInMenu = $menu <= self::LONGEST_MENU || true !== $list?->listed;
        foreach (null === $list ? [] : $services as $draft) {
            $draft->parent = $draft->listed && $staysInMenu ? null : $list;
        }
        foreach ($pages->drafts() as $draft) {
            if ('area' === $draft->kind) {
                $draft->parent = $pages->first('areas');
            }
        }
    }

    /** @param list<PageDraft> $services */
    private function newList(array $services, PageList $pages): ?PageDraft
    {
        $unlisted = array_filter($services, static fn (PageDraft $draft): bool => !$draft->listed);
        if ([] === $unlisted || \count($services) < self::ENOUGH_FOR_A_LIST || $pages->isRefused('services', 'services') || (null !== $pages->range && $pages->count() >= $pages->range->max)) {
            return null;
        }
        $pages->add($pages->draft('services', new Reason(\sprintf('Gathers the %s that have a page of their own.', $pages->profile->kind->offerings), $pages->facts(FactKind::Offering))));

        return $pages->first('services');
    }
}

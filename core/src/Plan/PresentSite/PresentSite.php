<?php

declare(strict_types=1);

namespace DunePocket\Plan\PresentSite;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\SourceKind;
use DunePocket\Brief\Sources\SiteInventory;
use DunePocket\Brief\Sources\SitePage;
use DunePocket\Catalogue\PageKinds;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;

/**
 * Goes through the inventory of the present website and says of each page whether it is kept, merged into another or
 * dropped, and why. That no address is lost without a word is common practice; what is decided is never overruled.
 */
final readonly class PresentSite
{
    /** A page with fewer words is a part of another. */
    private const SUBSTANTIAL = 120;
    private const MADE_BY_SYSTEM = '~/(?:tag|tags|category|categories|author|feed|rss|wp-[^/]+|cgi-bin|archive|archives|print|amp)(?:/|$)|/page/\d+/?$|[?&](?:page|sort|filter|replytocom|s|p)=|/\d{4}/\d{2}/?$|\.(?:xml|json|pdf|jpe?g|png)$~i';
    /** Where an offering without a page of its own is shown, the likeliest first. */
    private const OFFERING_PAGES = ['service', 'services', 'products', 'menu', 'pricing', 'events', 'page'];
    private const HOME = '~^/?(?:index\.\w+|home|start|default\.\w+)?/?$~i';

    public function __construct(private PageKinds $kinds)
    {
    }

    /**
     * @param array<string, Decision> $decided by address
     *
     * @return list<Verdict> in the order of the inventory; empty when the brief holds none, or there is no plan
     */
    public function verdicts(Brief $brief, Plan $plan, array $decided = []): array
    {
        if ($plan->isEmpty()) {
            return [];
        }
        $verdicts = [];
        foreach ($brief->sources as $source) {
            if (SourceKind::Site !== $source->kind) {
                continue;
            }
            foreach (SiteInventory::fromText($source->text)->pages as $old) {
                $verdicts[$old->address] ??= $this->decided($old, $plan, $decided[$old->address] ?? null) ?? $this->verdict($old, $brief, $plan);
            }
        }

        return array_values($verdicts);
    }

    private function decided(SitePage $old, Plan $plan, ?Decision $decision): ?Verdict
    {
        if (null === $decision || (null !== $decision->page && null === $plan->findPage($decision->page))) {
            return null;
        }

        return new Verdict($old, $decision->fate, $decision->page, 'Decided by you.', [], true);
    }

    private function verdict(SitePage $old, Brief $brief, Plan $plan): Verdict
    {
        $path = self::path($old);
        $name = self::name($old);
        $kind = $this->kinds->named($name) ?? $this->kinds->named(self::words(basename($path)));
        if (1 === preg_match(self::MADE_BY_SYSTEM, $old->address)) {
            return new Verdict($old, Fate::Drop, null, 'Made by the old system; nobody looks for it by name.');
        }
        if (1 === preg_match(self::HOME, $path)) {
            return new Verdict($old, Fate::Keep, $plan->pages[0]->id, 'Every site has its home page.');
        }
        $refusal = $this->refusal($brief, $name, $kind);
        if (null !== $refusal) {
            return new Verdict($old, Fate::Drop, null, \sprintf('The brief does not want “%s”.', $refusal->value), [$refusal->id]);
        }

        return $this->sameName($old, $plan, $path, $name)
            ?? $this->sameKind($old, $plan, $kind)
            ?? $this->oneOfMany($old, $plan, $path)
            ?? $this->offering($old, $brief, $plan, $name)
            ?? $this->takenUp($old, $plan, $kind)
            ?? $this->small($old, $plan, $path)
            ?? new Verdict($old, Fate::Keep, null, 0 === $old->words ? 'Nothing in the plan stands for it yet.' : \sprintf('It has %d words, and nothing in the plan stands for it yet.', $old->words));
    }

    private function refusal(Brief $brief, string $name, ?string $kind): ?Fact
    {
        foreach ($brief->of(FactKind::PageRefusal) as $refusal) {
            if (self::key($refusal->value) === self::key($name) || (null !== $kind && $kind === $this->kinds->named($refusal->value))) {
                return $refusal;
            }
        }

        return null;
    }

    private function sameName(SitePage $old, Plan $plan, string $path, string $name): ?Verdict
    {
        foreach ($plan->pages as $page) {
            if ($plan->path($page) === rtrim($path, '/')) {
                return new Verdict($old, Fate::Keep, $page->id, 'Has the same address in the plan.');
            }
        }
        foreach ($plan->pages as $page) {
            if (self::key($page->title) === self::key($name)) {
                return new Verdict($old, Fate::Keep, $page->id, \sprintf('The plan has “%s”, at %s.', $page->title, $plan->path($page)));
            }
        }

        return null;
    }

    private function sameKind(SitePage $old, Plan $plan, ?string $kind): ?Verdict
    {
        $same = array_values(array_filter($plan->pages, static fn (Page $page): bool => $page->kind === $kind));

        return 1 === \count($same) ? new Verdict($old, Fate::Keep, $same[0]->id, \sprintf('The plan calls it “%s”.', $same[0]->title)) : null;
    }

    /** An article of the old blog, a product of the old shop: the plan draws their page once. */
    private function oneOfMany(SitePage $old, Plan $plan, string $path): ?Verdict
    {
        $listing = $this->kinds->named(self::words(explode('/', trim($path, '/'))[0]));
        foreach ($plan->pages as $page) {
            if ($page->repeats && null !== $listing && substr_count(trim($path, '/'), '/') > 0 && $plan->findPage($page->parent)?->kind === $listing) {
                return new Verdict($old, Fate::Keep, $page->id, \sprintf('One of many: the plan draws “%s” once for all of them.', $page->title));
            }
        }

        return null;
    }

    private function offering(SitePage $old, Brief $brief, Plan $plan, string $name): ?Verdict
    {
        foreach ($brief->of(FactKind::Offering) as $offering) {
            if (!self::shares(self::key($offering->value), self::key($name))) {
                continue;
            }
            foreach (self::OFFERING_PAGES as $kind) {
                foreach (array_filter($plan->pages, fn (Page $page): bool => $page->kind === $kind && $this->cites($page, $offering->id)) as $page) {
                    return new Verdict($old, Fate::Merge, $page->id, \sprintf('“%s” is a part of “%s”.', $offering->value, $page->title), [$offering->id]);
                }
            }
        }

        return null;
    }

    private function cites(Page $page, string $fact): bool
    {
        foreach ([$page, ...$page->sections()] as $element) {
            foreach ($element->reasons as $reason) {
                if (\in_array($fact, $reason->facts, true)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function takenUp(SitePage $old, Plan $plan, ?string $kind): ?Verdict
    {
        $into = null === $kind ? null : $this->kinds->get($kind)->into;
        foreach ($plan->pages as $page) {
            if ($page->kind === $into) {
                return new Verdict($old, Fate::Merge, $page->id, \sprintf('The plan has no page for it; “%s” is where visitors look for this.', $page->title));
            }
        }

        return null;
    }

    private function small(SitePage $old, Plan $plan, string $path): ?Verdict
    {
        if (0 === $old->words || $old->words >= self::SUBSTANTIAL) {
            return null;
        }
        $above = \dirname($path);
        foreach ($plan->pages as $page) {
            if (rtrim($above, '/') === rtrim($plan->path($page), '/')) {
                return new Verdict($old, Fate::Merge, $page->id, \sprintf('With %d words it is too little for a page of its own.', $old->words));
            }
        }

        return null;
    }

    private static function path(SitePage $old): string
    {
        return (string) parse_url($old->address, \PHP_URL_PATH);
    }

    /** What the page is called, without the name of the site. */
    private static function name(SitePage $old): string
    {
        $title = trim(preg_split('/\s+[|–—·•-]\s+/u', $old->title)[0] ?? '');

        return '' === $title ? self::words(basename(self::path($old))) : $title;
    }

    private static function words(string $slug): string
    {
        return trim(preg_replace(['/\.\w{2,5}$/', '/[-_+]+/'], ['', ' '], rawurldecode($slug)) ?? $slug);
    }

    private static function key(string $name): string
    {
        $key = preg_replace(['/^(?:the|our|my|an?)\s+/iu', '/\s+pages?$/iu', '/&/u', '/[^\p{L}\d ]/u'], ['', '', 'and', ''], mb_strtolower(trim($name))) ?? $name;

        return preg_replace('/(?<=\p{L}{3})s\b/u', '', $key) ?? $key;
    }

    private static function shares(string $a, string $b): bool
    {
        return '' !== $a && '' !== $b && ($a === $b || str_contains(" $a ", " $b ") || str_contains(" $b ", " $a "));
    }
}

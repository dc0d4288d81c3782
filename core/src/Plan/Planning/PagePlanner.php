<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\PageRange;
use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Language\Typography;
use DunePocket\Plan\Reason;

/** Decides which pages a site has: from requests, features, the goal, the offerings, the kind of business and the law. */
final class PagePlanner
{
    /** As many requests as make a list that the client means to be complete. */
    private const COMPLETE_LIST = 4;
    private const USUAL_SIZE = 6;
    /** About seven entries beside Home: common practice. */
    private const LONGEST_MENU = 8;
    private const PAGES_BEHIND = [
        'blog' => ['article'],
        'products' => ['product', 'cart', 'checkout', 'thank-you', 'shipping', 'refunds', 'terms'],
        'portfolio' => ['project'],
        'events' => ['event'],
        'account' => ['sign-in'],
    ];
    private const FEATURES_WITH_A_PAGE = ['blog', 'shop', 'events', 'jobs', 'donations', 'members-area', 'portfolio', 'downloads'];
    private const EACH_ITS_OWN = '/^(?:with )?(?:one|a|its own|their own) pages? (?:for )?each\b|^each (?:has|with|needs|gets) (?:its|a|their) own page/i';
    private const FILLERS = ['gallery', 'faq', 'team', 'testimonials', 'location', 'resources'];

    /** @var list<PageDraft> */
    private array $drafts = [];

    /** @var array<string, string> bare names, as far as asked for */
    private array $keys = [];

    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly Profile $profile,
        private readonly ?PageRange $range,
    ) {
    }

    /** @return list<PageDraft> in menu order, each after its parent */
    public function pages(): array
    {
        $this->drafts = [];
        $this->add(new PageDraft('home', 'Home', new Reason('Every site needs a page that says who this is and leads on.', $this->ids([FactKind::BusinessName, FactKind::Goal])), asked: true, rank: 100));
        $this->requested();
        $this->features();
        if (!$this->isCompleteList()) {
            $this->usual();
            $this->goal();
        }
        $this->offeringsOfTheirOwn();
        $this->contact();
        $this->fill();
        $this->law();
        $this->keepTheNumber();
        $this->behind();
        $this->hierarchy();

        return $this->ordered();
    }

    private function isRefused(string $kind, string $title): bool
    {
        return $this->profile->refusesPage($kind) || [] !== array_filter($this->profile->brief->of(FactKind::PageRefusal), fn (Fact $refusal): bool => $this->key($refusal->value) === $this->key($title));
    }

    private function add(PageDraft $draft): void
    {
        if ($this->isRefused($draft->kind, $draft->title)) {
            return;
        }
        $repeats = $this->catalogue->pageKinds()->get($draft->kind)->repeats;
        foreach ($this->drafts as $i => $existing) {
            $same = $existing->kind === $draft->kind && !\in_array($draft->kind, ['service', 'page', 'area', 'landing'], true);
            if ($same || (!$repeats && $this->key($existing->title) === $this->key($draft->title)) || (null !== $draft->subject && $existing->subject === $draft->subject)) {
                $this->drafts[$i]->reasons = [...$existing->reasons, ...$draft->reasons];
                $this->drafts[$i]->listed = $existing->listed || $draft->listed;

                return;
            }
        }
        $this->drafts[] = $draft;
    }

    private function has(string $kind): bool
    {
        foreach ($this->drafts as $draft) {
            if ($draft->kind === $kind) {
                return true;
            }
        }

        return false;
    }

    private function requested(): void
    {
        $inList = RequestedList::of($this->profile->brief);
        foreach ($this->profile->brief->of(FactKind::PageRequest) as $fact) {
            $order = $inList->place($fact);
            $each = $fact->detail('each');
            if (null !== $each) {
                $this->oneForEach($each, $fact, $order);
                continue;
            }
            $reason = new Reason('Asked for in the brief.', [$fact->id]);
            $listsAll = !$this->has('services') && $this->key($fact->value) === $this->key($this->profile->kind->offerings);
            $offering = $listsAll ? null : $this->offeringNamed($fact->value);
            $sold = $this->profile->sells() && !$this->has('products') && $this->namesTheRange($fact->value);
            $offering = $sold ? null : $offering;
            $kind = match (true) {
                $sold => 'products',
                $listsAll => 'services',
                default => $fact->detail('page') ?? $this->catalogue->pageKinds()->named($fact->value),
            };
            if (null !== $offering && (null === $kind || \in_array($kind, ['services', 'products', 'membership', 'location'], true)) && \count($this->profile->offerings) > 1) {
                $kind = 'membership' === $kind ? 'membership' : 'service';
                $draft = new PageDraft($kind, $fact->value, new Reason('Asked for in the brief.', [$fact->id, $offering->id]), $offering, $fact->detail('description'), true, 90, $order);
                $draft->listed = $this->isCompleteList();
                $this->add($draft);
                continue;
            }
            $area = null === $kind ? $this->areaNamed($fact->value) : null;
            if (null !== $area) {
                $this->add(new PageDraft('area', $fact->value, new Reason('Asked for in the brief.', [$fact->id, $area->id]), $area, $fact->detail('description'), true, 80, $order));
                continue;
            }
            $kind ??= $this->namesSeveralOfferings($fact->value) ? 'services' : 'page';
            $rank = $this->catalogue->pageKinds()->get($kind)->rank;
            $about = $fact->detail('description');
            $eachItsOwn = null !== $about && 1 === preg_match(self::EACH_ITS_OWN, $about);
            $this->add(new PageDraft($kind, 'home' === $kind ? 'Home' : $fact->value, $reason, null, $eachItsOwn ? null : $about, true, max(90, $rank), $order));
            if ($eachItsOwn) {
                $this->oneForEach($fact->value, $fact, $order);
            }
        }
    }

    private function oneForEach(string $noun, Fact $request, int $order): void
    {
        if (1 === preg_match('/\b(?:towns?|areas?|villages?|places?|cit(?:y|ies)|locations?)\b/i', $noun)) {
            foreach ($this->profile->brief->of(FactKind::AreaServed) as $area) {
                foreach (preg_split('/,\s*(?:and\s+)?|\s+and\s+/u', $area->value) ?: [] as $name) {
                    $this->add(new PageDraft('area', Typography::capital(trim($name)), new Reason('The brief asks for a page for each place.', [$request->id, $area->id]), $area, null, true, 80, $order));
                }
            }

            return;
        }
        if ('team' === $this->catalogue->pageKinds()->named($noun)) {
            $this->add(new PageDraft('team', 'Our '.$this->plural($noun), new Reason('The brief asks for a page for each of them; who they are is still to supply.', [$request->id]), null, null, true, 90, $order));

            return;
        }
        $stem = preg_replace('/(?:es|s)$/', '', mb_strtolower($noun)) ?? $noun;
        $named = array_values(array_filter($this->profile->offerings, static fn (Fact $offering): bool => str_contains(mb_strtolower($offering->value), $stem)));
        foreach ([] === $named ? $this->profile->offerings : $named as $offering) {
            $this->add(new PageDraft('service', $offering->value, new Reason('The brief asks for a page for each of these.', [$request->id, $offering->id]), $offering, null, true, 90, $order));
        }
    }

    private function plural(string $noun): string
    {
        return match (true) {
            1 === preg_match('/^person$/i', $noun) => 'people',
            1 === preg_match('/staff|team|people|s$/i', $noun) => $noun,
            default => $noun.(1 === preg_match('/(?:ch|sh|x)$/i', $noun) ? 'es' : 's'),
        };
    }

    private function isCompleteList(): bool
    {
        return \count(array_filter($this->profile->brief->of(FactKind::PageRequest), static fn (Fact $fact): bool => !$fact->isDefault())) >= self::COMPLETE_LIST;
    }

    private function features(): void
    {
        foreach ($this->profile->brief->of(FactKind::Feature) as $fact) {
            $feature = $this->catalogue->features()[$fact->value] ?? null;
            if (null === $feature?->page) {
                continue;
            }
            $own = \in_array($feature->id, self::FEATURES_WITH_A_PAGE, true)
                || ('booking' === $feature->id && !$this->isCompleteList())
                || ('menu' === $feature->id && 'food and drink' === $this->profile->kind->family)
                || ('pricing' === $feature->id && !$this->isCompleteList());
            if ($own && !('portfolio' === $feature->id && $this->has('gallery'))) {
                $this->add($this->draft($feature->page, new Reason(\sprintf('The brief asks for this: %s.', Typography::low($feature->label)), [$fact->id])));
            }
        }
    }

    private function goal(): void
    {
        foreach ($this->catalogue->goals()[$this->profile->goal]->targets as $target) {
            if ('contact' !== $target && (\in_array($target, $this->profile->kind->pages, true) || \in_array($this->profile->goal, ['donations', 'signups', 'bookings'], true)) && !\in_array($target, ['account', 'product', 'portfolio'], true) && !$this->isRefused($target, $target)) {
                $this->add($this->draft($target, new Reason(\sprintf('The site is to bring %s, and this is where that happens.', $this->catalogue->goals()[$this->profile->goal]->noun), $this->ids([FactKind::Goal]))));

                return;
            }
        }
    }

    private function usual(): void
    {
        $kind = $this->profile->kind;
        $this->add($this->draft('about', new Reason('Visitors want to know who is behind it before they get in touch.', $this->ids([FactKind::Founded, FactKind::Person]))));
        foreach ($kind->pages as $page) {
            $reason = match ($page) {
                'services' => \count($this->profile->offerings) >= 2 ? new Reason(\sprintf('The brief names %s %s; they need a place of their own.', Typography::number(\count($this->profile->offerings)), $kind->offerings), $this->ids([FactKind::Offering])) : null,
                'products' => $this->profile->wants('shop') || [] !== $this->profile->offerings || \in_array('shop', $kind->features, true) ? new Reason(\sprintf('Things are sold here; visitors look for the %s first.', $kind->offerings), $this->ids([FactKind::Offering])) : null,
                'menu' => new Reason('Guests look at the menu before they decide.', $this->ids([FactKind::Offering])),
                'portfolio' => new Reason(\sprintf('Somebody who looks for a %s wants to see finished work.', $kind->label), []),
                'pricing' => $this->profile->hasPrices() || $this->profile->wants('pricing') ? new Reason('The brief gives prices, and people ask for them first.', $this->ids([FactKind::Price, FactKind::Feature])) : null,
                'team' => \count($this->profile->brief->of(FactKind::Person)) > 1 ? new Reason('The brief names the people.', $this->ids([FactKind::Person])) : null,
                'areas' => $this->profile->has(FactKind::AreaServed) ? new Reason('The brief says where they work, and people look for their own town.', $this->ids([FactKind::AreaServed])) : null,
                'volunteer', 'events' => \in_array($page, $kind->features, true) || $this->profile->wants($page) || $this->hasGoal('recruitment', 'community') ? new Reason('The brief looks for people who take part.', $this->ids([FactKind::Goal, FactKind::SecondaryGoal])) : null,
                'membership' => 'signups' === $this->profile->goal ? new Reason('The site is to bring members.', $this->ids([FactKind::Goal])) : null,
                default => null,
            };
            if (null !== $reason) {
                $this->add($this->draft($page, $reason));
            }
        }
    }

    /** Offerings of which the brief says so much that a line would not do. */
    private function offeringsOfTheirOwn(): void
    {
        $rich = array_values(array_filter($this->profile->offerings, static fn (Fact $fact): bool => mb_strlen($fact->detail('description') ?? '') >= 80));
        if ($this->isCompleteList() || \count($rich) < 2 || \in_array($this->profile->kind->offering, ['dish', 'bake', 'feature', 'plant', 'product'], true)) {
            return;
        }
        foreach ($rich as $offering) {
            $this->add(new PageDraft('service', $offering->value, new Reason('The brief says enough of it for a page of its own.', [$offering->id]), $offering, rank: 58));
        }
    }

    private function contact(): void
    {
        $this->add($this->draft('contact', new Reason('People need a way to get in touch.', $this->ids([FactKind::ContactPhone, FactKind::ContactEmail]))));
    }

    private function fill(): void
    {
        if ($this->isCompleteList() && null === $this->range) {
            return;
        }
        $wanted = $this->range->min ?? min(self::USUAL_SIZE, $this->count());
        foreach ([...$this->profile->kind->pages, 'services', ...self::FILLERS] as $page) {
            if ($this->count() >= $wanted) {
                return;
            }
            if (!$this->has($page) && !('quote' === $page && $this->has('contact') && $this->count() + 1 >= $wanted)) {
                $this->add($this->draft($page, new Reason(null === $this->range ? \sprintf('Usual for a %s.', $this->profile->kind->label) : \sprintf('The brief wants %s pages; this one is usual for a %s.', $this->range, $this->profile->kind->label), $this->ids([FactKind::PageCount]))));
            }
        }
    }

    private function law(): void
    {
        $this->add($this->draft('privacy', new Reason('A form collects personal data, so the law asks for this page.', [])));
    }

    private function keepTheNumber(): void
    {
        if (null === $this->range) {
            return;
        }
        while ($this->count() > $this->range->max) {
            $candidates = array_filter($this->drafts, fn (PageDraft $draft): bool => !$draft->asked && 'privacy' !== $draft->kind && 'home' !== $draft->kind && $this->catalogue->pageKinds()->counts($draft->kind) && ('contact' !== $draft->kind || $this->isCompleteList() || $this->has('location') || \count($this->profile->asked()) >= $this->range->max || 1 === $this->range->max));
            if ([] === $candidates) {
                return;
            }
            usort($candidates, static fn (PageDraft $a, PageDraft $b): int => $a->rank <=> $b->rank);
            $this->merge($candidates[0]);
        }
    }

    private function merge(PageDraft $given): void
    {
        $this->drafts = array_values(array_filter($this->drafts, static fn (PageDraft $draft): bool => $draft !== $given));
        $into = $this->catalogue->pageKinds()->get($given->kind)->into ?? 'home';
        $target = ('contact' === $given->kind ? $this->first('location') : null) ?? $this->first($into) ?? $this->first('home');
        if (null === $target) {
            return;
        }
        $target->reasons[] = new Reason(\sprintf('Takes up “%s”, to keep to the wished number of pages.', $given->title), $this->ids([FactKind::PageCount]));
        foreach ($this->catalogue->pageKinds()->get($given->kind)->recipe as $entry) {
            $section = explode(' ', $entry)[0];
            if (!\in_array($section, ['page-intro', 'hero', 'call-to-action', 'related', ...('home' === $target->kind ? $this->profile->kind->never : [])], true)) {
                $target->takenOver[] = $section;

                return;
            }
        }
    }

    /** Pages that stand behind others: the article behind the blog, basket and checkout behind the shop. */
    private function behind(): void
    {
        foreach (self::PAGES_BEHIND as $listing => $behind) {
            $front = $this->first($listing);
            if (null === $front || ('products' === $listing && !$this->profile->sells())) {
                continue;
            }
            foreach ($behind as $kind) {
                $kind = 'project' === $kind && 1 === preg_match('/case stud/i', $front->title) ? 'case-study' : $kind;
                $draft = $this->draft($kind, new Reason(\sprintf('Stands behind “%s” and is drawn once.', $front->title), $front->reasons[0]->facts));
                if ($this->catalogue->pageKinds()->get($kind)->repeats) {
                    $draft->parent = $front;
                }
                $this->add($draft);
            }
        }
        if ($this->has('booking') && $this->profile->wants('booking')) {
            $this->add($this->draft('terms', new Reason('Bookings are made on terms.', [])));
        }
    }

    private function hierarchy(): void
    {
        $services = array_values(array_filter($this->drafts, static fn (PageDraft $draft): bool => 'service' === $draft->kind));
        $list = $this->first('services') ?? $this->first('products');
        if (null === $list && \count($services) >= 3 && !$this->isRefused('services', 'services') && (null === $this->range || $this->count() < $this->range->max)) {
            $list = $this->draft('services', new Reason(\sprintf('Gathers the %s that have a page of their own.', $this->profile->kind->offerings), $this->ids([FactKind::Offering])));
            $this->drafts[] = $list;
        }
        if (null !== $list) {
            $menu = \count(array_filter($this->drafts, fn (PageDraft $draft): bool => 'main' === $this->catalogue->pageKinds()->get($draft->kind)->navigation));
            foreach ($services as $draft) {
                $draft->parent = $draft->listed && $menu <= self::LONGEST_MENU ? null : $list;
            }
        }
        $areas = $this->first('areas');
        foreach ($this->drafts as $draft) {
            if ('area' === $draft->kind) {
                $draft->parent = $areas;
            }
        }
    }

    /** @return list<PageDraft> */
    private function ordered(): array
    {
        $complete = $this->isCompleteList();
        $top = array_values(array_filter($this->drafts, static fn (PageDraft $draft): bool => null === $draft->parent));
        $place = fn (PageDraft $draft): array => [
            $this->catalogue->pageKinds()->get($draft->kind)->support ? 2 : ($this->catalogue->pageKinds()->counts($draft->kind) ? 0 : 1),
            'home' === $draft->kind ? 0 : ('contact' === $draft->kind ? 2 : 1),
            $complete && $draft->order > 0 ? $draft->order : $this->catalogue->pageKinds()->menuPlace($draft->kind),
            $draft->order,
        ];
        usort($top, static fn (PageDraft $a, PageDraft $b): int => $place($a) <=> $place($b));
        $ordered = [];
        foreach ($top as $draft) {
            $ordered[] = $draft;
            foreach ($this->drafts as $child) {
                if ($child->parent === $draft) {
                    $ordered[] = $child;
                }
            }
        }

        return $ordered;
    }

    private function draft(string $kind, Reason $reason): PageDraft
    {
        $page = $this->catalogue->pageKinds()->get($kind);
        $title = match ($kind) {
            'services' => Typography::capital($this->profile->kind->offerings),
            'products' => 'sales' === $this->profile->goal || $this->profile->wants('shop') ? 'Shop' : Typography::capital($this->profile->kind->offerings),
            'booking' => $this->profile->kind->buttons['bookings'] ?? $page->title,
            'quote' => $this->profile->kind->buttons['leads'] ?? $page->title,
            default => $page->title,
        };

        return new PageDraft($kind, $title, $reason, rank: $page->rank);
    }

    private function first(string $kind): ?PageDraft
    {
        foreach ($this->drafts as $draft) {
            if ($draft->kind === $kind) {
                return $draft;
            }
        }

        return null;
    }

    /** Pages that count against a wished number. */
    private function count(): int
    {
        return \count(array_filter($this->drafts, fn (PageDraft $draft): bool => $this->catalogue->pageKinds()->counts($draft->kind)));
    }

    private function hasGoal(string ...$goals): bool
    {
        $named = array_map(static fn (Fact $fact): string => $fact->value, [...$this->profile->brief->of(FactKind::Goal), ...$this->profile->brief->of(FactKind::SecondaryGoal)]);

        return [] !== array_intersect($goals, $named);
    }

    private function offeringNamed(string $name): ?Fact
    {
        $key = $this->key($name);
        $matches = array_values(array_filter($this->profile->offerings, function (Fact $offering) use ($key): bool {
            $other = $this->key($offering->value);

            return $other === $key || str_ends_with($other, " $key") || str_starts_with($other, "$key ") || str_ends_with($key, " $other") || str_starts_with($key, "$other ");
        }));

        return 1 === \count($matches) ? $matches[0] : null;
    }

    private function areaNamed(string $name): ?Fact
    {
        foreach ($this->profile->brief->of(FactKind::AreaServed) as $area) {
            if ($this->key($area->value) === $this->key($name)) {
                return $area;
            }
        }

        return null;
    }

    /** "Hire", where the main hall and the small room are for hire. */
    private function namesSeveralOfferings(string $name): bool
    {
        $key = $this->key($name);

        return !$this->has('services') && \count(array_filter($this->profile->offerings, fn (Fact $offering): bool => 1 === preg_match('/\b'.preg_quote($key, '/').'\b/u', $this->key($offering->value)))) > 1;
    }

    /** "Our wines", where wines and spirits are sold. */
    /** "Bikes" in a bike shop, "Plants" where plants are sold. */
    private function namesTheRange(string $name): bool
    {
        $key = $this->key($name);

        return str_starts_with($this->key($this->profile->kind->label), $key.' ') || \in_array($key, preg_split('/ and |, /', $this->key($this->profile->kind->offerings)) ?: [], true);
    }

    private function key(string $name): string
    {
        return $this->keys[$name] ??= self::bare($name);
    }

    private static function bare(string $name): string
    {
        $key = preg_replace('/^(?:the|our|my|an?)\s+|\s+pages?$/iu', '', mb_strtolower(trim($name))) ?? $name;

        return preg_replace('/(?<=\p{L}{3})s\b/u', '', $key) ?? $key;
    }

    /**
     * @param list<FactKind> $kinds
     *
     * @return list<string>
     */
    private function ids(array $kinds): array
    {
        return array_values(array_map(static fn (Fact $fact): string => $fact->id, array_filter($this->profile->brief->facts, static fn (Fact $fact): bool => \in_array($fact->kind, $kinds, true))));
    }
}

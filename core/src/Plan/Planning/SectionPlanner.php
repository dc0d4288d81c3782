<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Catalogue\RecipeEntry;
use DunePocket\Catalogue\Stage;
use DunePocket\Copy\Drafter;
use DunePocket\Copy\Subject;
use DunePocket\Language\Typography;
use DunePocket\Plan\Findings\Rule\LongPage;
use DunePocket\Plan\Reason;
use DunePocket\Plan\Section;
use DunePocket\Studio\Recipes;

/** Fills a page with sections: which ones, in which order, each with purpose, reasons and copy. Layouts are chosen for the page as a whole, afterwards. */
final readonly class SectionPlanner
{
    /** Where the section of a feature goes that has no page of its own: the first of these pages that is planned. */
    private const HOSTS = ['booking' => ['services', 'products', 'events', 'contact', 'home'], 'quote-form' => ['contact', 'services', 'home'], 'donations' => ['home'], 'jobs' => ['team', 'about', 'contact']];

    /** What makes a visitor believe a business that has nothing else to show, most convincing first: common practice. */
    private const PROOF = ['testimonials', 'awards', 'story'];

    /** What a home page can do without, the first most easily. */
    private const MERELY_USUAL = ['steps', 'gallery', 'benefits', 'story', 'feature'];

    public function __construct(
        private Catalogue $catalogue,
        private Profile $profile,
        private Conditions $conditions,
        private Drafter $drafter,
        private ?Recipes $recipes = null,
    ) {
    }

    /**
     * The kinds of section of a page, header, footer and call to action aside.
     *
     * @return list<string>
     */
    public function kinds(PageDraft $page): array
    {
        $own = $this->recipes?->kinds($page->kind, $page->title);
        if (null !== $own) {
            return $own;
        }
        $recipe = $this->catalogue->recipe($this->profile->kind, $page->kind, $page->title);
        $kinds = [];
        foreach ($recipe as $entry) {
            $entry = RecipeEntry::fromString($entry);
            if ($this->conditions->hold($entry->condition, $page)) {
                $kinds[] = $entry->section;
            }
        }
        $kinds = $this->profile->sells() ? $kinds : array_map(static fn (string $kind): string => 'product-grid' === $kind ? 'services-list' : $kind, $kinds);
        $kinds = $this->withWishes($page, array_values(array_unique([...$kinds, ...$page->takenOver])));
        $kinds = $this->profile->refuses('contact-form') ? $this->withCallForForm($kinds, $page) : $kinds;
        $kinds = array_values(array_filter($kinds, fn (string $kind): bool => $this->isFillable($kind, $page) && !$this->profile->refuses($kind)));
        $kinds = \in_array('product-grid', $page->takenOver, true) ? array_values(array_diff($kinds, ['services-list'])) : $kinds;
        $kinds = 'home' === $page->kind ? $this->shortEnough($this->withProof($kinds)) : $kinds;

        return $this->keptApart($this->withCallLast(\in_array('quote-form', $kinds, true) ? array_values(array_diff($kinds, ['contact-form'])) : $kinds));
    }

    /**
     * Of two neighbours that do the same work the later moves up to where it has other neighbours. What asks for the
     * action stays: the call that ends the page settles it.
     *
     * @param list<string> $kinds
     *
     * @return list<string>
     */
    private function keptApart(array $kinds): array
    {
        /** @var list<string> $apart */
        $apart = [];
        foreach ($kinds as $id) {
            $kind = $this->catalogue->sectionKind($id);
            $at = \count($apart);
            while (Stage::Action !== $kind->stage && $at > 1 && ($kind->standsApartFrom($apart[$at - 1]) || $kind->standsApartFrom($apart[$at] ?? ''))) {
                --$at;
            }
            array_splice($apart, $at > 1 ? $at : \count($apart), 0, [$id]);
        }

        return $apart;
    }

    /**
     * "No contact form, nobody e-mails a locksmith": the call to action asks for the telephone call instead, and what
     * happens then is told where there would be nothing else.
     *
     * @param list<string> $kinds
     *
     * @return list<string>
     */
    private function withCallForForm(array $kinds, PageDraft $page): array
    {
        $told = \count($kinds) > 2 ? [] : \array_slice(array_filter(['steps', 'faq'], fn (string $kind): bool => $this->isFillable($kind, $page)), 0, 1);
        $instead = static fn (string $kind): array => 'contact-form' === $kind ? [...$told, 'call-to-action'] : [$kind];

        return array_values(array_unique(array_merge([], ...array_map($instead, $kinds))));
    }

    /**
     * Nobody believes a home page that gives no reason to: the first proof that suits the business joins it.
     *
     * @param list<string> $kinds
     *
     * @return list<string>
     */
    private function withProof(array $kinds): array
    {
        $proof = array_values(array_filter(self::PROOF, fn (string $kind): bool => !\in_array($kind, $this->profile->kind->never, true) && !$this->profile->refuses($kind)));
        if ([] === $proof || [] !== array_filter($kinds, fn (string $kind): bool => $this->catalogue->sectionKind($kind)->convinces)) {
            return $kinds;
        }
        $at = 0;
        foreach ($kinds as $i => $kind) {
            $at = Stage::Proof->isBefore($this->catalogue->sectionKind($kind)->stage) ? $at : $i + 1;
        }
        array_splice($kinds, $at, 0, [$proof[0]]);

        return $kinds;
    }

    /**
     * A home page that has grown too long by what the client asked for gives up what is merely usual.
     *
     * @param list<string> $kinds
     *
     * @return list<string>
     */
    private function shortEnough(array $kinds): array
    {
        foreach (self::MERELY_USUAL as $usual) {
            if (\count($kinds) <= LongPage::MOST) {
                break;
            }
            $kinds = array_values(array_diff($kinds, [$usual]));
        }

        return $kinds;
    }

    /**
     * The call to action ends the page, unless what stands there calls already.
     *
     * @param list<string> $kinds
     *
     * @return list<string>
     */
    private function withCallLast(array $kinds): array
    {
        $call = array_values(array_intersect($kinds, ['call-to-action']));
        $others = array_values(array_diff($kinds, $call));
        $last = $others[\count($others) - 1] ?? null;
        $calls = null !== $last && [] !== array_filter($call, $this->catalogue->sectionKind($last)->standsApartFrom(...));

        return $calls ? $others : [...$others, ...$call];
    }

    /**
     * @param list<string> $facts ids the section rests on beside those of its kind
     * @param list<string> $taken names of the other sections of the page
     */
    public function section(string $id, string $kind, Subject $subject, array $facts = [], array $taken = []): Section
    {
        $own = $this->recipes?->section($subject->pageKind, $subject->title, $kind);

        return new Section(
            $id,
            $kind,
            $own->name ?? $this->freeTitle($this->drafter->title($kind, $subject), $kind, $taken),
            null === $own || '' === $own->purpose ? $this->drafter->purpose($kind, $subject) : $own->purpose,
            '',
            reasons: $this->reasons($kind, $subject, $facts),
            copy: $this->drafter->copy($kind, $subject),
        );
    }

    /** @param list<string> $taken */
    private function freeTitle(string $title, string $kind, array $taken): string
    {
        $label = $this->catalogue->sectionKind($kind)->label;
        foreach ([$title, $label, $title.': '.Typography::low($label)] as $free) {
            if (!\in_array(mb_strtolower($free), array_map(mb_strtolower(...), $taken), true)) {
                return $free;
            }
        }

        return $title;
    }

    /**
     * @param list<string> $facts
     *
     * @return list<Reason>
     */
    public function reasons(string $kind, Subject $subject, array $facts = []): array
    {
        [$lines, $factKinds] = $this->catalogue->phrasing()->reason($kind);
        $ids = $facts;
        if (null !== $subject->fact) {
            $ids[] = $subject->fact->id;
        } else {
            foreach ($factKinds as $factKind) {
                $of = $this->profile->brief->of($factKind);
                if (FactKind::Feature === $factKind) {
                    $of = array_filter($of, fn (Fact $fact): bool => $kind === ($this->catalogue->features()[$fact->value]->section ?? null));
                }
                array_push($ids, ...array_map(static fn (Fact $fact): string => $fact->id, array_values($of)));
            }
        }

        return [new Reason($this->drafter->say($lines, $subject, $this->catalogue->sectionKind($kind)->belongs), array_values(array_unique($ids)))];
    }

    /**
     * Features without a page of their own stand on Home, the map on Contact.
     *
     * @param list<string> $kinds
     *
     * @return list<string>
     */
    private function withWishes(PageDraft $page, array $kinds): array
    {
        foreach (self::HOSTS as $feature => $hosts) {
            $wish = $this->catalogue->features()[$feature];
            if ($this->profile->wants($feature) && null !== $wish->section && !$this->isOnHome($wish->section, $page) && !$this->conditions->hold('page:'.$wish->page, $page) && $page->kind === $this->firstPlanned($hosts, $page)) {
                $kinds = array_values('quote-form' === $wish->section ? array_diff($kinds, ['contact-form']) : $kinds);
                array_splice($kinds, 'bookings' === $this->profile->goal && 'contact' === $page->kind ? 1 : \count($kinds), 0, [$wish->section]);
                $kinds = array_values(array_unique($kinds));
            }
        }
        if ('home' !== $page->kind) {
            return $kinds;
        }
        foreach ($this->profile->features as $id) {
            $feature = $this->catalogue->features()[$id] ?? null;
            $section = $feature?->section;
            if (null === $section || \in_array($section, $kinds, true) || \in_array($section, $this->profile->kind->never, true) || \in_array($section, ['contact-form', 'quote-form', 'product-grid', 'account', 'search-results', 'donation', 'booking', 'team', 'download', 'jobs', 'areas'], true)) {
                continue;
            }
            if (null === $feature->page || !$this->conditions->hold('page:'.$feature->page, $page)) {
                $kinds[] = $section;
            }
        }

        return $kinds;
    }

    /** Home has the section anyway, and once is enough. */
    private function isOnHome(string $section, PageDraft $page): bool
    {
        return 'home' !== $page->kind && [] !== array_filter($this->profile->kind->home, function (string $entry) use ($section, $page): bool {
            $entry = RecipeEntry::fromString($entry);

            return $entry->section === $section && $this->conditions->hold($entry->condition, $page);
        });
    }

    /** @param list<string> $kinds of page */
    private function firstPlanned(array $kinds, PageDraft $page): ?string
    {
        foreach ($kinds as $kind) {
            if ($this->conditions->hold('page:'.$kind, $page)) {
                return $kind;
            }
        }

        return null;
    }

    /** Nothing is planned that would stand empty. */
    private function isFillable(string $kind, PageDraft $page): bool
    {
        return match ($kind) {
            'steps' => [] !== $this->profile->kind->steps,
            'faq' => [] !== $this->profile->kind->questions,
            'related' => \count($this->profile->offerings) > 1 || !\in_array($page->kind, ['service', 'area'], true),
            default => true,
        };
    }
}

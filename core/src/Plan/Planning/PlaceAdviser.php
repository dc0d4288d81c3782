<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Catalogue\PageKind;
use DunePocket\Catalogue\RecipeEntry;
use DunePocket\Catalogue\SectionKind;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Reason;
use DunePocket\Plan\Section;

/** Says which kinds of section suit a place between two others: what the page is for, what stands there, what the brief asks. */
final readonly class PlaceAdviser
{
    /** A kind that so many kinds of page use is at home on any page. */
    private const COMMON = 3;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param int $index the place a new section would take, 0 before the first section
     *
     * @return list<Suit> every kind but header and footer, those that suit this place first, then those that suit the page
     */
    public function advise(Brief $brief, Plan $plan, Page $page, int $index): array
    {
        $profile = new Profile($brief, $this->catalogue);
        $conditions = new Conditions($profile, array_map(static fn (Page $other): string => $other->kind, $plan->pages));
        $draft = new PageDraft($page->kind, $page->title, $page->reasons[0] ?? new Reason('', []));
        $kinds = array_map(static fn (Section $section): string => $plan->shown($section)->kind, $page->sections());
        $before = $kinds[$index - 1] ?? null;
        $after = $kinds[$index] ?? null;

        $ranked = [];
        foreach ($this->catalogue->sectionKinds() as $kind) {
            if ($kind->frame) {
                continue;
            }
            $suit = $this->for($kind, $page, $profile, $conditions, $draft, $kinds);
            $against = Fit::Elsewhere === $suit->fit ? null : $this->againstThePlace($kind, $before, $after);
            $suit = null === $against ? $suit : new Suit($kind->id, Fit::Page, $against);
            $ranked[$suit->fit->value][] = $suit;
        }

        return array_merge(...array_map(static fn (Fit $fit): array => $ranked[$fit->value] ?? [], Fit::cases()));
    }

    private function againstThePlace(SectionKind $kind, ?string $before, ?string $after): ?string
    {
        foreach (array_filter([$before, $after]) as $neighbour) {
            $other = $this->catalogue->sectionKind($neighbour);
            if ($kind->standsApartFrom($other->id)) {
                return \sprintf('Does not stand well beside “%s”.', $other->label);
            }
        }
        if (null !== $before && !$this->isFrame($before) && $kind->stage->isBefore($this->catalogue->sectionKind($before)->stage)) {
            return 'Belongs further up the page.';
        }
        if (null !== $after && !$this->isFrame($after) && $this->catalogue->sectionKind($after)->stage->isBefore($kind->stage)) {
            return 'Belongs further down the page.';
        }

        return null;
    }

    /** @param list<string> $kinds of the page's sections */
    private function for(SectionKind $kind, Page $page, Profile $profile, Conditions $conditions, PageDraft $draft, array $kinds): Suit
    {
        if (\in_array($kind->id, $kinds, true)) {
            return new Suit($kind->id, Fit::Elsewhere, 'Already on this page.');
        }
        if ($kind->lead && [] !== array_filter($kinds, fn (string $other): bool => $this->catalogue->sectionKind($other)->lead)) {
            return new Suit($kind->id, Fit::Elsewhere, 'The page has its opening.');
        }
        if ($profile->refuses($kind->id)) {
            return new Suit($kind->id, Fit::Elsewhere, 'The client does not want it.');
        }
        if ('home' === $page->kind && \in_array($kind->id, $profile->kind->never, true)) {
            return new Suit($kind->id, Fit::Elsewhere, \sprintf('Does not suit the home page of a %s.', $profile->kind->label));
        }
        foreach ($this->catalogue->recipe($profile->kind, $page->kind, $page->title) as $entry) {
            $entry = RecipeEntry::fromString($entry);
            if ($entry->section === $kind->id) {
                return new Suit($kind->id, Fit::Place, $conditions->hold($entry->condition, $draft) ? 'Usual on a page of this kind.' : 'Usual on a page of this kind, but the brief says nothing that could fill it.');
            }
        }
        foreach ($profile->features as $feature) {
            if ($kind->id === ($this->catalogue->features()[$feature] ?? null)?->section) {
                return new Suit($kind->id, Fit::Place, 'The brief asks for it.');
            }
        }

        return $this->pagesUsing($kind->id) >= self::COMMON
            ? new Suit($kind->id, Fit::Place, 'At home on most pages.')
            : new Suit($kind->id, Fit::Elsewhere, 'Usual on pages of another kind.');
    }

    private function isFrame(string $kind): bool
    {
        return $this->catalogue->sectionKind($kind)->frame;
    }

    private function pagesUsing(string $section): int
    {
        return \count(array_filter(
            $this->catalogue->pageKinds()->all(),
            static fn (PageKind $kind): bool => !$kind->legal && !$kind->support && [] !== array_filter($kind->recipe, static fn (string $entry): bool => RecipeEntry::fromString($entry)->section === $section),
        ));
    }
}

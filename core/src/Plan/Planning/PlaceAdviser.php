<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Catalogue\PageKind;
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
    private const USUAL_RANK = 0;
    private const ASKED_RANK = 1;
    private const COMMON_RANK = 2;
    private const NOT_RANK = 3;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param int $index the place a new section would take, 0 before the first section
     *
     * @return list<Suit> every kind but header and footer, those that suit first: usual on such a page, asked for, common
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
            $against = $this->against($kind, $page, $profile, $kinds, $before, $after);
            [$rank, $because] = null === $against ? $this->for($kind, $page, $profile, $conditions, $draft) : [self::NOT_RANK, $against];
            $ranked[$rank][] = new Suit($kind->id, self::NOT_RANK !== $rank, $because);
        }
        ksort($ranked);

        return array_merge(...array_values($ranked));
    }

    /** @param list<string> $kinds of the page's sections */
    private function against(SectionKind $kind, Page $page, Profile $profile, array $kinds, ?string $before, ?string $after): ?string
    {
        if (\in_array($kind->id, $kinds, true)) {
            return 'Already on this page.';
        }
        if ($profile->refuses($kind->id)) {
            return 'The client does not want it.';
        }
        if ('home' === $page->kind && \in_array($kind->id, $profile->kind->never, true)) {
            return \sprintf('Does not suit the home page of a %s.', $profile->kind->label);
        }
        foreach (array_filter([$before, $after]) as $neighbour) {
            $other = $this->catalogue->sectionKind($neighbour);
            if (\in_array($other->id, $kind->apart, true)) {
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

    /** @return array{int, string} */
    private function for(SectionKind $kind, Page $page, Profile $profile, Conditions $conditions, PageDraft $draft): array
    {
        $recipe = $this->catalogue->recipe($profile->kind, $page->kind, $page->title);
        foreach ($recipe as $entry) {
            [$usual, $condition] = [...explode(' if ', $entry, 2), ''];
            if ($usual === $kind->id) {
                return '' === $condition || $conditions->hold($condition, $draft)
                    ? [self::USUAL_RANK, 'Usual on a page of this kind.']
                    : [self::COMMON_RANK, 'Usual on a page of this kind, but the brief says nothing that could fill it.'];
            }
        }
        foreach ($profile->features as $feature) {
            if ($kind->id === ($this->catalogue->features()[$feature] ?? null)?->section) {
                return [self::ASKED_RANK, 'The brief asks for it.'];
            }
        }

        return $this->pagesUsing($kind->id) >= self::COMMON
            ? [self::COMMON_RANK, 'At home on most pages.']
            : [self::NOT_RANK, 'Usual on pages of another kind.'];
    }

    private function isFrame(string $kind): bool
    {
        return $this->catalogue->sectionKind($kind)->frame;
    }

    private function pagesUsing(string $section): int
    {
        return \count(array_filter(
            $this->catalogue->pageKinds()->all(),
            static fn (PageKind $kind): bool => !$kind->legal && !$kind->support && [] !== array_filter($kind->recipe, static fn (string $entry): bool => explode(' if ', $entry, 2)[0] === $section),
        ));
    }
}

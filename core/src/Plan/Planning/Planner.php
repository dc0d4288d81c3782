<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\PageRange;
use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Copy\Drafter;
use DunePocket\Copy\Subject;
use DunePocket\Language\Typography;
use DunePocket\Plan\Navigation;
use DunePocket\Plan\Outline\OutlineNode;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Reason;
use DunePocket\Plan\SearchEntry;
use DunePocket\Plan\Section;
use DunePocket\Plan\Slug;
use DunePocket\Studio\Defaults;
use DunePocket\Studio\Recipes;

/** Plans a site from a brief: pages, hierarchy, navigation, sections, layouts and drafted copy. Same brief and seed, same plan. */
final readonly class Planner
{
    private const LONGEST_MENU = 7;

    private Recipes $recipes;

    public function __construct(private Catalogue $catalogue, Defaults $defaults = new Defaults())
    {
        $this->recipes = new Recipes($defaults, $catalogue);
    }

    /** @param ?PageRange $range overrides the wished number of pages that the brief holds */
    public function plan(Brief $brief, ?PageRange $range = null, int $seed = 0): Plan
    {
        $profile = new Profile($brief, $this->catalogue);
        $drafts = (new PagePlanner($this->catalogue, $profile, $range ?? $profile->pageRange()))->pages();
        $drafter = new Drafter($this->catalogue, $profile, $seed);
        $conditions = new Conditions($profile, array_map(static fn (PageDraft $draft): string => $draft->kind, $drafts));
        $planner = new SectionPlanner($this->catalogue, $profile, $conditions, $drafter, $this->recipes);

        return $this->assemble($drafts, $planner, $drafter, $profile, $seed);
    }

    /**
     * The pages of an outline, each planned like any other; Home and the privacy page join them when they are missing.
     *
     * @param list<OutlineNode> $nodes
     */
    public function outlined(Brief $brief, array $nodes): Plan
    {
        $profile = new Profile($brief, $this->catalogue);
        $drafts = $this->draftsOf($nodes, $profile);
        $drafter = new Drafter($this->catalogue, $profile);
        $planner = new SectionPlanner($this->catalogue, $profile, new Conditions($profile, array_map(static fn (PageDraft $draft): string => $draft->kind, $drafts)), $drafter, $this->recipes);

        return $this->assemble($drafts, $planner, $drafter, $profile, 0);
    }

    /**
     * @param list<OutlineNode> $nodes
     *
     * @return list<PageDraft>
     */
    private function draftsOf(array $nodes, Profile $profile): array
    {
        $reason = static fn (): Reason => new Reason('Stands in the outline.', []);
        $drafts = [];
        $above = [];
        foreach ($nodes as $node) {
            $kind = $this->catalogue->pageKinds()->named($node->title);
            $offering = array_values(array_filter($profile->offerings, static fn (Fact $offering): bool => 0 === strcasecmp($offering->value, $node->title)))[0] ?? null;
            $kind = null !== $offering ? 'service' : $kind ?? 'page';
            $draft = new PageDraft($kind, 'home' === $kind ? 'Home' : $node->title, $reason(), $offering, '' === $node->note ? null : $node->note, true);
            $draft->parent = 0 === $node->depth || 'home' === ($above[$node->depth - 1] ?? null)?->kind ? null : $above[$node->depth - 1] ?? null;
            $above[$node->depth] = $draft;
            $drafts[] = $draft;
        }
        $kinds = array_map(static fn (PageDraft $draft): string => $draft->kind, $drafts);
        $home = array_search('home', $kinds, true);
        if (false === $home) {
            array_unshift($drafts, new PageDraft('home', 'Home', $reason()));
        } elseif ($home > 0) {
            array_unshift($drafts, ...array_splice($drafts, $home, 1));
        }
        if (!\in_array('privacy', $kinds, true)) {
            $drafts[] = new PageDraft('privacy', 'Privacy', new Reason('A form collects personal data, so the law asks for this page.', []));
        }

        return $drafts;
    }

    /**
     * A page of this kind for an existing plan, with sections of its own.
     */
    public function page(Brief $brief, Plan $plan, string $kind, string $title, ?string $parent, ?string $about = null): Page
    {
        $profile = new Profile($brief, $this->catalogue);
        $drafter = new Drafter($this->catalogue, $profile);
        $draft = new PageDraft($kind, $title, new Reason('Added by the designer.'), about: $about);
        $planner = new SectionPlanner($this->catalogue, $profile, new Conditions($profile, array_map(static fn (Page $page): string => $page->kind, $plan->pages)), $drafter, $this->recipes);
        $subject = new Subject($kind, $title, null, $about);
        $id = $plan->nextPageId();
        $sections = [];
        $before = null;
        foreach ($planner->kinds($draft) as $sectionKind) {
            if ('call-to-action' !== $sectionKind) {
                $before = $planner->section($id.'s'.(\count($sections) + 1), $sectionKind, $subject, $before, \count($sections));
                $sections[] = $before;
            }
        }
        $taken = array_map(static fn (Page $page): string => $page->slug, $plan->children($parent));

        return new Page(
            $id,
            $parent,
            $kind,
            $title,
            Slug::free(Slug::of($title), $taken),
            Navigation::from($this->catalogue->pageKinds()->get($kind)->navigation),
            $this->catalogue->pageKinds()->get($kind)->repeats,
            $this->purpose($draft, $profile),
            $draft->reasons,
            $this->search($drafter, $subject, $profile),
            $this->framed($sections, $id, $plan->shared),
        );
    }

    /** A section of this kind for a page of an existing plan. */
    public function section(Brief $brief, Plan $plan, Page $page, int $index, string $kind): Section
    {
        $profile = new Profile($brief, $this->catalogue);
        $drafter = new Drafter($this->catalogue, $profile);
        $planner = new SectionPlanner($this->catalogue, $profile, new Conditions($profile, []), $drafter, $this->recipes);
        $before = $page->sections()[$index - 1] ?? null;

        return $planner->section($plan->nextSectionId($page->id), $kind, PageSubject::of($page, $brief), null === $before ? null : $plan->resolve($before), $index);
    }

    /** @param list<PageDraft> $drafts */
    private function assemble(array $drafts, SectionPlanner $planner, Drafter $drafter, Profile $profile, int $seed): Plan
    {
        $navigation = $this->navigation($drafts, $profile);
        $shared = $this->shared($drafter, $planner);
        $ids = [];
        foreach ($drafts as $i => $draft) {
            $ids[spl_object_id($draft)] = 'p'.($i + 1);
        }
        $pages = [];
        $slugs = [];
        $siblingTurn = [];
        foreach ($drafts as $i => $draft) {
            $id = $ids[spl_object_id($draft)];
            $parent = null === $draft->parent ? null : $ids[spl_object_id($draft->parent)];
            $slug = 'home' === $draft->kind ? '' : Slug::free(Slug::of($draft->title), $slugs[$parent ?? ''] ?? []);
            $slugs[$parent ?? ''][] = $slug;
            $subject = new Subject($draft->kind, $draft->title, $draft->subject, $draft->about, $this->picture($profile, $i), null === $draft->parent ? ['Home'] : ['Home', $draft->parent->title]);
            $turn = \in_array($draft->kind, ['service', 'area'], true) ? ($siblingTurn[$draft->kind] ??= $i) : $i;
            $pages[] = new Page(
                $id,
                $parent,
                $draft->kind,
                $draft->title,
                $slug,
                $navigation[spl_object_id($draft)],
                $this->catalogue->pageKinds()->get($draft->kind)->repeats,
                $this->purpose($draft, $profile),
                $draft->reasons,
                $this->search($drafter, $subject, $profile),
                $this->sections($id, $draft, $planner, $subject, $turn + $seed, $shared),
            );
        }

        return new Plan($pages, $shared);
    }

    /**
     * @param list<Section> $shared
     *
     * @return list<Section>
     */
    private function sections(string $pageId, PageDraft $draft, SectionPlanner $planner, Subject $subject, int $turn, array $shared): array
    {
        $sections = [];
        $before = null;
        $frame = array_map(static fn (Section $section): string => $section->title, $shared);
        foreach ($planner->kinds($draft) as $kind) {
            if ('call-to-action' === $kind) {
                continue;
            }
            $before = $planner->section($pageId.'s'.(\count($sections) + 2), $kind, $subject, $before, $turn, null === $draft->subject ? [] : [$draft->subject->id], [...$frame, ...array_map(static fn (Section $section): string => $section->title, $sections)]);
            $sections[] = $before;
        }
        $ends = \in_array('call-to-action', $planner->kinds($draft), true) && !$this->catalogue->pageKinds()->get($draft->kind)->carriesItsForm();

        return $this->framed($sections, $pageId, $shared, $ends);
    }

    /**
     * @param list<Section> $sections
     * @param list<Section> $shared
     *
     * @return list<Section> with header, call to action and footer around them
     */
    private function framed(array $sections, string $pageId, array $shared, bool $withCall = false): array
    {
        $reference = static fn (Section $of, string $id): Section => new Section($id, $of->kind, $of->title, $of->purpose, $of->layout, $of->id);
        $number = max([0, ...array_map(static fn (Section $section): int => (int) substr($section->id, \strlen($pageId) + 1), $sections)]);
        $framed = $sections;
        foreach ($shared as $section) {
            if ('site-header' === $section->kind) {
                array_unshift($framed, $reference($section, $pageId.'s'.(\count($sections) > 0 && (int) substr($sections[0]->id, \strlen($pageId) + 1) > 1 ? 1 : ++$number)));
            }
        }
        foreach ($shared as $section) {
            if (('call-to-action' === $section->kind && $withCall) || 'site-footer' === $section->kind) {
                $framed[] = $reference($section, $pageId.'s'.++$number);
            }
        }

        return $framed;
    }

    /** @return list<Section> */
    private function shared(Drafter $drafter, SectionPlanner $planner): array
    {
        $subject = new Subject('home', 'Home');
        $shared = [];
        foreach (['sh1' => ['site-header', 'site-header.bar'], 'sh2' => ['call-to-action', 'call-to-action.band'], 'sh3' => ['site-footer', 'site-footer.columns']] as $id => [$kind, $layout]) {
            $shared[] = new Section($id, $kind, $drafter->title($kind, $subject), $drafter->purpose($kind, $subject), $layout, reasons: $planner->reasons($kind, $subject), copy: $drafter->copy($kind, $subject));
        }

        return $shared;
    }

    /**
     * @param list<PageDraft> $drafts
     *
     * @return array<int, Navigation> as usual for the kind of page; what serves the goal stands in the menu
     */
    private function navigation(array $drafts, Profile $profile): array
    {
        $navigation = [];
        foreach ($drafts as $draft) {
            $kind = $this->catalogue->pageKinds()->get($draft->kind);
            $navigation[spl_object_id($draft)] = $draft->asked && 'none' === $kind->navigation && !$kind->support ? Navigation::Footer : Navigation::from($kind->navigation);
        }
        $serving = array_values(array_filter($drafts, fn (PageDraft $draft): bool => null === $draft->parent && \in_array($draft->kind, $this->catalogue->goals()[$profile->goal]->targets, true) && !$this->catalogue->pageKinds()->get($draft->kind)->support));
        if ([] !== $serving) {
            $navigation[spl_object_id($serving[0])] = Navigation::Main;
        }
        $menu = array_values(array_filter($drafts, static fn (PageDraft $draft): bool => null === $draft->parent && 'home' !== $draft->kind && Navigation::Main === $navigation[spl_object_id($draft)]));
        usort($menu, static fn (PageDraft $a, PageDraft $b): int => $b->rank <=> $a->rank);
        foreach (\array_slice($menu, self::LONGEST_MENU) as $draft) {
            $navigation[spl_object_id($draft)] = Navigation::Footer;
        }

        return $navigation;
    }

    private function search(Drafter $drafter, Subject $subject, Profile $profile): SearchEntry
    {
        [$title, $description] = $drafter->search($subject);
        $keyphrases = $profile->brief->of(FactKind::Keyphrase);
        $keyphrase = '';
        foreach ($keyphrases as $i => $fact) {
            if (('home' === $subject->pageKind && 0 === $i) || str_contains(mb_strtolower($fact->value), mb_strtolower($subject->title))) {
                $keyphrase = $fact->value;
                break;
            }
        }

        return new SearchEntry($title, $description, $keyphrase);
    }

    private function purpose(PageDraft $draft, Profile $profile): string
    {
        if (null !== $draft->about && mb_strlen($draft->about) < 120) {
            return Typography::sentence(Typography::capital($draft->about).'.');
        }
        $for = $this->catalogue->ownPage($draft->kind, $draft->title)->for ?? $this->catalogue->pageKinds()->get($draft->kind)->for;

        return null !== $draft->subject ? Typography::sentence(\sprintf('Answers what %s want to know about %s.', $profile->kind->customers, Typography::low($draft->title))) : $for.'.';
    }

    private function picture(Profile $profile, int $turn): ?string
    {
        $pictures = $profile->kind->pictures;

        return [] === $pictures ? null : $pictures[$turn % \count($pictures)];
    }
}

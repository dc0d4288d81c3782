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
use DunePocket\Plan\Planning\Layouts\LayoutChooser;
use DunePocket\Plan\Planning\Layouts\PageLayouts;
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
        $drafts = (new PagePlanner($this->catalogue))->pages($profile, $range ?? $profile->pageRange());
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
        foreach ($planner->kinds($draft) as $sectionKind) {
            if ('call-to-action' !== $sectionKind) {
                $sections[] = $planner->section($id.'s'.(\count($sections) + 1), $sectionKind, $subject);
            }
        }
        $sibling = array_values(array_filter($plan->pages, static fn (Page $page): bool => $page->kind === $kind))[0] ?? null;
        $layouts = new PageLayouts(new LayoutChooser($this->catalogue, $profile->kind), $plan->shared);
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
            $layouts->choose($this->framed($sections, $id, $plan->shared), $kind, 0, $sibling?->sections() ?? []),
        );
    }

    /** A section of this kind for a page of an existing plan. */
    public function section(Brief $brief, Plan $plan, Page $page, int $index, string $kind): Section
    {
        $profile = new Profile($brief, $this->catalogue);
        $drafter = new Drafter($this->catalogue, $profile);
        $planner = new SectionPlanner($this->catalogue, $profile, new Conditions($profile, []), $drafter, $this->recipes);
        $section = $planner->section($plan->nextSectionId($page->id), $kind, PageSubject::of($page, $brief));
        $layouts = new PageLayouts(new LayoutChooser($this->catalogue, $profile->kind), $plan->shared);
        $sections = $page->sections();
        array_splice($sections, $index, 0, [$section]);

        return $layouts->choose($sections, $page->kind)[$index];
    }

    /** @param list<PageDraft> $drafts */
    private function assemble(array $drafts, SectionPlanner $planner, Drafter $drafter, Profile $profile, int $seed): Plan
    {
        $navigation = $this->navigation($drafts, $profile);
        $chooser = new LayoutChooser($this->catalogue, $profile->kind);
        $shared = $this->shared($drafter, $planner, $chooser, $seed);
        $layouts = new PageLayouts($chooser, $shared);
        $first = [];
        $ids = [];
        foreach ($drafts as $i => $draft) {
            $ids[spl_object_id($draft)] = 'p'.($i + 1);
        }
        $pages = [];
        $slugs = [];
        foreach ($drafts as $i => $draft) {
            $id = $ids[spl_object_id($draft)];
            $parent = null === $draft->parent ? null : $ids[spl_object_id($draft->parent)];
            $slug = 'home' === $draft->kind ? '' : Slug::free(Slug::of($draft->title), $slugs[$parent ?? ''] ?? []);
            $slugs[$parent ?? ''][] = $slug;
            $subject = new Subject($draft->kind, $draft->title, $draft->subject, $draft->about, $this->picture($profile, $i), null === $draft->parent ? ['Home'] : ['Home', $draft->parent->title]);
            $sections = $layouts->choose($this->sections($id, $draft, $planner, $subject, $shared), $draft->kind, $seed, $first[$draft->kind] ?? []);
            $first[$draft->kind] ??= $sections;
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
                $sections,
            );
        }

        return new Plan($pages, $shared);
    }

    /**
     * @param list<Section> $shared
     *
     * @return list<Section>
     */
    private function sections(string $pageId, PageDraft $draft, SectionPlanner $planner, Subject $subject, array $shared): array
    {
        $sections = [];
        $frame = array_map(static fn (Section $section): string => $section->title, $shared);
        $kinds = $planner->kinds($draft);
        foreach ($kinds as $kind) {
            if ('call-to-action' === $kind) {
                continue;
            }
            $sections[] = $planner->section($pageId.'s'.(\count($sections) + 2), $kind, $subject, null === $draft->subject ? [] : [$draft->subject->id], [...$frame, ...array_map(static fn (Section $section): string => $section->title, $sections)]);
        }
        $hasForm = [] !== array_filter($kinds, fn (string $kind): bool => $this->catalogue->sectionKind($kind)->form);
        $carriesIt = $hasForm && $this->catalogue->pageKinds()->get($draft->kind)->carriesItsForm();

        return $this->framed($sections, $pageId, $shared, \in_array('call-to-action', $kinds, true) && !$carriesIt);
    }

    /**
     * @param list<Section> $sections
     * @param list<Section> $shared
     *
     * @return list<Section> with header, call to action and footer around them
     */
    private function framed(array $sections, string $pageId, array $shared, bool $withCall = false): array
    {
        $number = max([0, ...array_map(static fn (Section $section): int => (int) substr($section->id, \strlen($pageId) + 1), $sections)]);
        $framed = $sections;
        foreach ($shared as $section) {
            if ('site-header' === $section->kind) {
                array_unshift($framed, Section::standingFor($section, $pageId.'s'.(\count($sections) > 0 && (int) substr($sections[0]->id, \strlen($pageId) + 1) > 1 ? 1 : ++$number)));
            }
        }
        foreach ($shared as $section) {
            if (('call-to-action' === $section->kind && $withCall) || 'site-footer' === $section->kind) {
                $framed[] = Section::standingFor($section, $pageId.'s'.++$number);
            }
        }

        return $framed;
    }

    /** @return list<Section> header, call to action and footer; businesses of different kinds have them in different layouts */
    private function shared(Drafter $drafter, SectionPlanner $planner, LayoutChooser $chooser, int $seed): array
    {
        $subject = new Subject('home', 'Home');
        $shared = [];
        foreach (['sh1' => 'site-header', 'sh2' => 'call-to-action', 'sh3' => 'site-footer'] as $id => $kind) {
            $shared[] = new Section($id, $kind, $drafter->title($kind, $subject), $drafter->purpose($kind, $subject), '', reasons: $planner->reasons($kind, $subject), copy: $drafter->copy($kind, $subject));
        }
        [$header, $call, $footer] = $shared;

        return [...$chooser->page([$header], 'home', $seed), ...$chooser->page([$call, $footer], 'home', $seed)];
    }

    /**
     * @param list<PageDraft> $drafts
     *
     * @return array<int, Navigation> as usual for the kind of page; what serves the goal stands in the menu, and nothing beneath a page that does not
     */
    private function navigation(array $drafts, Profile $profile): array
    {
        $navigation = [];
        foreach ($drafts as $draft) {
            $kind = $this->catalogue->pageKinds()->get($draft->kind);
            $navigation[spl_object_id($draft)] = $draft->asked && 'none' === $kind->navigation && !$kind->support ? Navigation::Footer : Navigation::from($kind->navigation);
        }
        $serving = $this->serving($drafts, $profile);
        if (null !== $serving) {
            $navigation[spl_object_id($serving)] = Navigation::Main;
        }
        $menu = array_values(array_filter($drafts, static fn (PageDraft $draft): bool => null === $draft->parent && 'home' !== $draft->kind && Navigation::Main === $navigation[spl_object_id($draft)]));
        usort($menu, static fn (PageDraft $a, PageDraft $b): int => [$b === $serving, $b->rank] <=> [$a === $serving, $a->rank]);
        foreach (\array_slice($menu, self::LONGEST_MENU) as $draft) {
            $navigation[spl_object_id($draft)] = Navigation::Footer;
        }
        foreach ($drafts as $draft) {
            $isBelowTheMenu = null !== $draft->parent && Navigation::Footer === $navigation[spl_object_id($draft->parent)];
            if ($isBelowTheMenu && Navigation::Main === $navigation[spl_object_id($draft)]) {
                $navigation[spl_object_id($draft)] = Navigation::Footer;
            }
        }

        return $navigation;
    }

    /** @param list<PageDraft> $drafts */
    private function serving(array $drafts, Profile $profile): ?PageDraft
    {
        foreach ($this->catalogue->goals()[$profile->goal]->targets as $target) {
            foreach ($drafts as $draft) {
                if ($draft->kind === $target && !$this->catalogue->pageKinds()->get($target)->support) {
                    return null === $draft->parent ? $draft : null;
                }
            }
        }

        return null;
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

<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Profile;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Catalogue\Stage;
use DunePocket\Copy\Drafter;
use DunePocket\Plan\CopyLine;
use DunePocket\Plan\CopyStatus;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Planning\Layouts\Choice;
use DunePocket\Plan\Planning\Layouts\LayoutChooser;
use DunePocket\Plan\Planning\Layouts\PageLayouts;
use DunePocket\Plan\Reason;
use DunePocket\Plan\Section;

/**
 * Other sound ways to plan one section or one page. What was kept, what the designer wrote and what several pages
 * share stays. The same plan gives the same choices in the same order.
 */
final readonly class Variations
{
    private const WORDINGS = 5;
    private const LAYOUTS = 8;
    /** What may join a page that has room, and what it needs to be filled. */
    private const JOINS = ['benefits' => 'fact:differentiator', 'stats' => 'fact:proof', 'steps' => 'steps', 'faq' => 'questions', 'testimonials' => ''];
    private const FEWEST = 3;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** A mark that two sections share when a visitor would see no difference. */
    public static function mark(Section ...$sections): string
    {
        $seen = array_map(static fn (Section $section): array => [$section->kind, $section->layout, $section->look->toArray(), array_map(static fn (CopyLine $line): string => $line->text, $section->copy)], $sections);

        return hash('xxh32', json_encode($seen, \JSON_THROW_ON_ERROR));
    }

    /** @return list<Section> with the id of the one given, each with another layout or other words */
    public function ofSection(Brief $brief, Plan $plan, Page $page, Section $section): array
    {
        $shown = $plan->shown($section);
        $profile = new Profile($brief, $this->catalogue);
        $subject = PageSubject::of($page, $brief);
        $layouts = $this->suitable($plan, $page, $section, $profile);
        $choices = [];
        for ($i = 0; $i < self::WORDINGS * \count($layouts); ++$i) {
            $at = $i % \count($layouts);
            $drafter = new Drafter($this->catalogue, $profile, ($at + intdiv($i, \count($layouts))) % self::WORDINGS);
            $choice = $shown->withLayout($layouts[$at]->layout->id)->withLook($layouts[$at]->look($shown->look))->withCopy($this->merged($drafter->copy($shown->kind, $subject), $shown->copy));
            $choice = $choice->withId($shown->shared ?? $shown->id)->withShared(null);
            $choices[self::mark($choice)] ??= $choice;
        }
        unset($choices[self::mark($shown)]);

        return array_values($choices);
    }

    /** @return list<Page> with the id of the one given, each with other sections or another order */
    public function ofPage(Brief $brief, Plan $plan, Page $page): array
    {
        $profile = new Profile($brief, $this->catalogue);
        $conditions = new Conditions($profile, array_map(static fn (Page $other): string => $other->kind, $plan->pages));
        $draft = new PageDraft($page->kind, $page->title, $page->reasons[0] ?? new Reason('', []));
        $base = (new SectionPlanner($this->catalogue, $profile, $conditions, new Drafter($this->catalogue, $profile)))->kinds($draft);
        $choices = [];
        foreach ($this->orders(array_values(array_diff($base, ['call-to-action'])), $profile, $conditions, $draft) as $turn => $kinds) {
            $planner = new SectionPlanner($this->catalogue, $profile, $conditions, new Drafter($this->catalogue, $profile, $turn));
            $choice = $page->withSections($this->filled($kinds, $planner, $plan, $page, $brief, $turn));
            $choices[self::mark(...$choice->sections())] ??= $choice;
        }
        unset($choices[self::mark(...$page->sections())]);

        return array_values($choices);
    }

    /** @return list<Choice> the layouts that suit the section best where it stands, the best first */
    private function suitable(Plan $plan, Page $page, Section $section, Profile $profile): array
    {
        [$above, $below] = $plan->neighbours($page, $section);

        return \array_slice((new LayoutChooser($this->catalogue, $profile->kind))->ranked($plan->resolve($section), $above, $below, $page->kind), 0, self::LAYOUTS);
    }

    /**
     * @param list<CopyLine> $drafted
     * @param list<CopyLine> $present
     *
     * @return list<CopyLine> what was drafted anew, but for the lines the designer wrote
     */
    private function merged(array $drafted, array $present): array
    {
        $written = array_filter($present, static fn (CopyLine $line): bool => CopyStatus::Edited === $line->status);
        foreach ($written as $line) {
            $drafted = array_values(array_filter($drafted, static fn (CopyLine $other): bool => !$other->is($line->slot, $line->item)));
            $drafted[] = $line;
        }

        return $drafted;
    }

    /**
     * @param list<string> $base kinds of section
     *
     * @return array<int, list<string>>
     */
    private function orders(array $base, Profile $profile, Conditions $conditions, PageDraft $draft): array
    {
        $lead = \array_slice($base, 0, 1);
        $rest = \array_slice($base, 1);
        $proof = $this->ofStage(Stage::Proof, $rest);
        $doubts = $this->ofStage(Stage::Doubts, $rest);
        $joins = array_keys(array_filter(self::JOINS, static fn (string $condition, string $kind): bool => !\in_array($kind, $base, true) && !\in_array($kind, $profile->kind->never, true) && !$profile->refuses($kind) && $conditions->hold($condition, $draft), \ARRAY_FILTER_USE_BOTH));
        $orders = [
            1 => $base,
            2 => [...$lead, ...$proof, ...array_values(array_diff($rest, $proof))],
            3 => [...$lead, ...$doubts, ...array_values(array_diff($rest, $doubts))],
            4 => [...$base, ...\array_slice($joins, 0, 1)],
            5 => \count($base) > self::FEWEST ? \array_slice($base, 0, -1) : $base,
            6 => [...$lead, ...\array_slice($joins, 0, 2), ...$rest],
            7 => [...$lead, ...$this->byStage($rest)],
        ];

        return array_filter($orders, static fn (array $kinds): bool => [] !== $kinds);
    }

    /**
     * @param list<string> $kinds
     *
     * @return list<string>
     */
    private function ofStage(Stage $stage, array $kinds): array
    {
        return array_values(array_filter($kinds, fn (string $kind): bool => $stage === $this->catalogue->sectionKind($kind)->stage));
    }

    /**
     * @param list<string> $kinds
     *
     * @return list<string> in the order in which a visitor's questions come up
     */
    private function byStage(array $kinds): array
    {
        usort($kinds, fn (string $a, string $b): int => $this->catalogue->sectionKind($a)->stage->rank() <=> $this->catalogue->sectionKind($b)->stage->rank());

        return $kinds;
    }

    /**
     * @param list<string> $kinds
     *
     * @return list<Section> the frame and what is kept where it was, the rest of these kinds
     */
    private function filled(array $kinds, SectionPlanner $planner, Plan $plan, Page $page, Brief $brief, int $turn): array
    {
        $subject = PageSubject::of($page, $brief);
        $stays = array_filter($page->sections(), static fn (Section $section): bool => null !== $section->shared || $section->kept);
        $keptKinds = array_map(static fn (Section $section): string => $section->kind, $stays);
        $number = (int) substr($plan->nextSectionId($page->id), \strlen($page->id) + 1);
        $titles = array_map(static fn (Section $section): string => $plan->shown($section)->title, array_values($stays));
        $sections = [];
        foreach (array_diff($kinds, $keptKinds) as $kind) {
            $section = $planner->section($page->id.'s'.$number++, $kind, $subject, [], $titles);
            $titles[] = $section->title;
            $sections[] = $section;
        }
        foreach ($stays as $index => $section) {
            $atEnd = null !== $section->shared && $index > 0;
            array_splice($sections, $atEnd ? \count($sections) : min($index, \count($sections)), 0, [$section]);
        }

        return (new PageLayouts(new LayoutChooser($this->catalogue, (new Profile($brief, $this->catalogue))->kind), $plan->shared))->choose($sections, $page->kind, $turn);
    }
}

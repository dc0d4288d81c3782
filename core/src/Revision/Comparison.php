<?php

declare(strict_types=1);

namespace DunePocket\Revision;

use DunePocket\Plan\CopyLine;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Plan\Section;

/**
 * Compares two states of a plan: pages and sections added, removed, moved, renamed and reworded. What is the same
 * thing in both is known by its id.
 */
final class Comparison
{
    private const EXCERPT = 80;

    /** @return list<Difference> pages first, then what differs on each page, in the order of the later state */
    public static function of(Plan $before, Plan $after): array
    {
        return [...self::pages($before, $after), ...self::sections($before, $after)];
    }

    /** @return int how many nodes of the tree of pages and sections were inserted, removed or relabelled at least */
    public static function steps(Plan $before, Plan $after): int
    {
        return TreeDistance::between(self::tree($before), self::tree($after));
    }

    /** @return list<Difference> */
    private static function pages(Plan $before, Plan $after): array
    {
        $differences = [];
        foreach ($before->pages as $page) {
            if (null === $after->findPage($page->id)) {
                $differences[] = new Difference(DifferenceKind::Removed, \sprintf('The page “%s” was removed.', $page->title));
            }
        }
        $moved = self::moved(array_map(static fn (Page $page): string => $page->id, $before->pages), array_map(static fn (Page $page): string => $page->id, $after->pages));
        foreach ($after->pages as $page) {
            $old = $before->findPage($page->id);
            if (null === $old) {
                $differences[] = new Difference(DifferenceKind::Added, \sprintf('The page “%s” was added, at %s.', $page->title, $after->path($page)), [$page->id]);
                continue;
            }
            array_push($differences, ...self::page($before, $after, $old, $page, \in_array($page->id, $moved, true)));
        }

        return $differences;
    }

    /** @return list<Difference> */
    private static function page(Plan $before, Plan $after, Page $old, Page $page, bool $movedAlong): array
    {
        $differences = [];
        if ($old->title !== $page->title) {
            $differences[] = new Difference(DifferenceKind::Renamed, \sprintf('The page “%s” is called “%s” now.', $old->title, $page->title), [$page->id], $old->title, $page->title);
        }
        if ($old->parent !== $page->parent) {
            $parent = $after->findPage($page->parent);
            $differences[] = new Difference(DifferenceKind::Moved, null === $parent ? \sprintf('The page “%s” stands at the top now.', $page->title) : \sprintf('The page “%s” stands below “%s” now.', $page->title, $parent->title), [$page->id]);
        } elseif ($movedAlong) {
            $differences[] = new Difference(DifferenceKind::Moved, \sprintf('The page “%s” stands elsewhere in the order.', $page->title), [$page->id]);
        }
        if ($old->slug !== $page->slug) {
            $differences[] = new Difference(DifferenceKind::Changed, \sprintf('The page “%s” has the path %s instead of %s.', $page->title, $after->path($page), $before->path($old)), [$page->id], $before->path($old), $after->path($page));
        }
        if ($old->navigation !== $page->navigation) {
            $differences[] = new Difference(DifferenceKind::Changed, \sprintf('The page “%s” is %s now.', $page->title, match ($page->navigation->value) {
                'main' => 'in the menu',
                'footer' => 'in the footer',
                default => 'in neither menu nor footer',
            }), [$page->id], $old->navigation->value, $page->navigation->value);
        }
        if ($old->purpose !== $page->purpose) {
            $differences[] = new Difference(DifferenceKind::Reworded, \sprintf('What the page “%s” is for was reworded.', $page->title), [$page->id], $old->purpose, $page->purpose);
        }

        return $differences;
    }

    /** @return list<Difference> */
    private static function sections(Plan $before, Plan $after): array
    {
        $old = self::places($before);
        $new = self::places($after);
        $differences = [];
        foreach ($old as $id => [$page, $section]) {
            if (!isset($new[$id]) && null !== $after->findPage($page->id)) {
                $differences[] = new Difference(DifferenceKind::Removed, \sprintf('“%s” was removed from “%s”.', $before->shown($section)->title, $page->title), [$page->id], $before->shown($section)->title);
            }
        }
        foreach ($after->pages as $page) {
            $ids = $page->content()->ids();
            $moved = self::moved($before->findPage($page->id)?->content()->ids() ?? [], $ids);
            foreach ($page->sections() as $section) {
                [$oldPage, $oldSection] = $old[$section->id] ?? [null, null];
                if (null === $oldPage || null === $oldSection) {
                    if (null !== $before->findPage($page->id)) {
                        $differences[] = new Difference(DifferenceKind::Added, \sprintf('“%s” was added to “%s”.', $after->shown($section)->title, $page->title), [$page->id, $section->id]);
                    }
                    continue;
                }
                if ($oldPage->id !== $page->id) {
                    $differences[] = new Difference(DifferenceKind::Moved, \sprintf('“%s” moved from “%s” to “%s”.', $after->shown($section)->title, $oldPage->title, $page->title), [$page->id, $section->id]);
                } elseif (\in_array($section->id, $moved, true)) {
                    $differences[] = new Difference(DifferenceKind::Moved, \sprintf('“%s” stands elsewhere on “%s”.', $after->shown($section)->title, $page->title), [$page->id, $section->id]);
                }
                if (null === $section->shared && null === $oldSection->shared) {
                    array_push($differences, ...self::section($oldSection, $section, $page->title, [$page->id, $section->id]));
                } elseif (($section->shared ?? '') !== ($oldSection->shared ?? '')) {
                    $differences[] = new Difference(DifferenceKind::Changed, null === $section->shared ? \sprintf('“%s” stands on “%s” alone now.', $section->title, $page->title) : \sprintf('“%s” on “%s” is shared now.', $after->shown($section)->title, $page->title), [$page->id, $section->id]);
                }
            }
        }
        foreach ($after->shared as $section) {
            foreach ($before->shared as $oldSection) {
                if ($oldSection->id === $section->id) {
                    array_push($differences, ...self::section($oldSection, $section, 'all pages that share it', []));
                }
            }
        }

        return $differences;
    }

    /**
     * @param list<string> $where
     *
     * @return list<Difference>
     */
    private static function section(Section $old, Section $section, string $on, array $where): array
    {
        $on = 'all pages that share it' === $on ? $on : "“{$on}”";
        $differences = [];
        if ($old->title !== $section->title) {
            $differences[] = new Difference(DifferenceKind::Renamed, \sprintf('“%s” on %s is called “%s” now.', $old->title, $on, $section->title), $where, $old->title, $section->title);
        }
        if ($old->purpose !== $section->purpose) {
            $differences[] = new Difference(DifferenceKind::Reworded, \sprintf('What “%s” on %s is for was reworded.', $section->title, $on), $where, $old->purpose, $section->purpose);
        }
        if ($old->layout !== $section->layout) {
            $differences[] = new Difference(DifferenceKind::Changed, \sprintf('“%s” on %s has another layout.', $section->title, $on), $where, $old->layout, $section->layout);
        }
        if ($old->kept !== $section->kept) {
            $differences[] = new Difference(DifferenceKind::Changed, \sprintf('“%s” on %s is %s.', $section->title, $on, $section->kept ? 'kept now' : 'not kept any more'), $where);
        }
        $words = self::words($old->copy, $section->copy);
        foreach ($words as [$before, $after]) {
            $differences[] = new Difference(DifferenceKind::Reworded, match (true) {
                null === $before => \sprintf('“%s” on %s says “%s” too.', $section->title, $on, self::short((string) $after)),
                null === $after => \sprintf('“%s” on %s does not say “%s” any more.', $section->title, $on, self::short($before)),
                default => \sprintf('“%s” on %s says “%s” instead of “%s”.', $section->title, $on, self::short($after), self::short($before)),
            }, $where, $before, $after);
        }

        return $differences;
    }

    /**
     * @param list<CopyLine> $old
     * @param list<CopyLine> $new
     *
     * @return list<array{?string, ?string}> texts before and after, where they differ
     */
    private static function words(array $old, array $new): array
    {
        $texts = [];
        foreach ($old as $line) {
            $texts[$line->slot.'/'.$line->item] = [$line->text, null];
        }
        foreach ($new as $line) {
            $key = $line->slot.'/'.$line->item;
            $texts[$key] = [$texts[$key][0] ?? null, $line->text];
        }

        return array_values(array_filter($texts, static fn (array $pair): bool => $pair[0] !== $pair[1]));
    }

    /** @return array<string, array{Page, Section}> by the section's id */
    private static function places(Plan $plan): array
    {
        $places = [];
        foreach ($plan->pages as $page) {
            foreach ($page->sections() as $section) {
                $places[$section->id] = [$page, $section];
            }
        }

        return $places;
    }

    /**
     * @param list<string> $before
     * @param list<string> $after
     *
     * @return list<string> the fewest that have to move to make one order of the other
     */
    private static function moved(array $before, array $after): array
    {
        $common = array_values(array_intersect($before, $after));
        $now = array_values(array_intersect($after, $before));
        $place = array_flip($common);
        $order = array_map(static fn (string $id): int => $place[$id], $now);

        return array_values(array_diff($now, array_map(static fn (int $at): string => $common[$at], self::longestRise($order))));
    }

    /**
     * @param list<int> $numbers
     *
     * @return list<int> a longest rising part of them
     */
    private static function longestRise(array $numbers): array
    {
        $best = [];
        $from = [];
        $last = null;
        foreach ($numbers as $i => $number) {
            $best[$i] = 1;
            $from[$i] = null;
            for ($j = 0; $j < $i; ++$j) {
                if ($numbers[$j] < $number && $best[$j] + 1 > $best[$i]) {
                    $best[$i] = $best[$j] + 1;
                    $from[$i] = $j;
                }
            }
            $last = null === $last || $best[$i] > $best[$last] ? $i : $last;
        }
        $rise = [];
        for ($at = $last; null !== $at; $at = $from[$at]) {
            array_unshift($rise, $numbers[$at]);
        }

        return $rise;
    }

    private static function tree(Plan $plan): Tree
    {
        return new Tree('site', array_map(static fn (Page $page): Tree => self::branch($plan, $page), $plan->children(null)));
    }

    private static function branch(Plan $plan, Page $page): Tree
    {
        $sections = array_map(static fn (Section $section): Tree => new Tree($section->id), $page->sections());
        $below = array_map(static fn (Page $child): Tree => self::branch($plan, $child), $plan->children($page->id));

        return new Tree($page->id, [...$sections, ...$below]);
    }

    private static function short(string $text): string
    {
        return mb_strlen($text) <= self::EXCERPT ? $text : mb_substr($text, 0, self::EXCERPT - 1).'…';
    }
}

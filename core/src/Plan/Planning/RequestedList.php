<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Quote;

/**
 * The pages a client names in one go. Their order is the order of the menu; a page that is asked for in passing elsewhere
 * ("an FAQ would be useful") has none. When they stand too far apart for a list, their order is that of the brief.
 */
final readonly class RequestedList
{
    /** Characters between two names of one list at most. */
    private const GAP = 80;

    /** @param array<string, int> $places by fact id, 1 for the first */
    private function __construct(private array $places)
    {
    }

    public static function of(Brief $brief): self
    {
        $facts = $brief->of(FactKind::PageRequest);
        usort($facts, static fn (Fact $a, Fact $b): int => [$a->quote?->source, $a->quote?->start] <=> [$b->quote?->source, $b->quote?->start]);
        $lists = [];
        $before = null;
        foreach ($facts as $fact) {
            $near = null === $before || self::near($before->quote, $fact->quote, $brief);
            $lists[$near ? max(0, \count($lists) - 1) : \count($lists)][] = $fact->id;
            $before = $fact;
        }
        usort($lists, static fn (array $a, array $b): int => \count($b) <=> \count($a));
        $list = $lists[0] ?? [];
        $list = 2 * \count($list) > \count($facts) ? $list : array_map(static fn (Fact $fact): string => $fact->id, $facts);

        return new self(array_map(static fn (int $at): int => $at + 1, array_flip($list)));
    }

    private static function near(?Quote $before, ?Quote $after, Brief $brief): bool
    {
        if (null === $before || null === $after) {
            return true;
        }
        $gap = $after->start - $before->start - $before->length;
        $text = $before->source === $after->source ? $brief->source($before->source)?->text : null;

        return null !== $text && $gap <= self::GAP && !str_contains(mb_substr($text, $before->start + $before->length, max(0, $gap)), "\n\n");
    }

    /** 1 for the first of the list; 0 for a page that is not in it. */
    public function place(Fact $request): int
    {
        return $this->places[$request->id] ?? 0;
    }
}

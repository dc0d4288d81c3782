<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning\Pages;

use DunePocket\Brief\Fact;
use DunePocket\Plan\Planning\PageDraft;
use DunePocket\Plan\Reason;

/** Offerings of which the brief says so much that a line would not do. */
final readonly class RichOfferings implements PageStep
{
    private const ENOUGH_TO_SAY = 80;
    private const RANK = 58;
    /** Too many of them for a page each. */
    private const NEVER = ['dish', 'bake', 'feature', 'plant', 'product'];

    public function plan(PageList $pages): void
    {
        $rich = array_filter($pages->profile->offerings, static fn (Fact $fact): bool => mb_strlen($fact->detail('description') ?? '') >= self::ENOUGH_TO_SAY);
        if ($pages->isComplete || \count($rich) < 2 || \in_array($pages->profile->kind->offering, self::NEVER, true)) {
            return;
        }
        foreach ($rich as $offering) {
            $pages->add(new PageDraft('service', $offering->value, new Reason('The brief says enough of it for a page of its own.', [$offering->id]), $offering, rank: self::RANK));
        }
    }
}

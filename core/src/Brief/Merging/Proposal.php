<?php

declare(strict_types=1);

namespace DunePocket\Brief\Merging;

use DunePocket\Brief\Fact;

/** One thing that a new source would change, to be accepted or left alone by itself. */
final readonly class Proposal
{
    /**
     * @param Fact       $fact    as the new source says it
     * @param list<Fact> $instead facts that would be struck out for it
     * @param ?string    $rule    why the new one would win, null when there is nothing to win against
     */
    public function __construct(
        public Effect $effect,
        public Fact $fact,
        public array $instead = [],
        public ?string $rule = null,
    ) {
    }

    /** Stays the same when the same source is read again on the same fact sheet. */
    public function id(): string
    {
        return $this->fact->id;
    }
}

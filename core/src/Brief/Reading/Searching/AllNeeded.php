<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Searching;

final readonly class AllNeeded implements Need
{
    /** @param non-empty-list<Need> $needs */
    public function __construct(public array $needs)
    {
    }

    public function in(WordIndex $index): string
    {
        $all = $this->needs[0]->in($index);
        foreach (\array_slice($this->needs, 1) as $need) {
            $all &= $need->in($index);
        }

        return $all;
    }
}

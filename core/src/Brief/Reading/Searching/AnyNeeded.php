<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Searching;

final readonly class AnyNeeded implements Need
{
    /** @param non-empty-list<Need> $needs */
    public function __construct(public array $needs)
    {
    }

    public function in(WordIndex $index): string
    {
        $any = $this->needs[0]->in($index);
        foreach (\array_slice($this->needs, 1) as $need) {
            $any |= $need->in($index);
        }

        return $any;
    }
}

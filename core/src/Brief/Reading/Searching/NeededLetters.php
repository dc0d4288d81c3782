<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Searching;

final readonly class NeededLetters implements Need
{
    /** @param string $letters in lower case, with a space where a word begins or ends */
    public function __construct(public string $letters)
    {
    }

    public function in(WordIndex $index): string
    {
        return $index->with($this->letters);
    }
}

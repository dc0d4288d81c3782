<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Searching;

/** What a sentence must hold for a wording to stand in it. */
interface Need
{
    /** @return string the sentences that hold it, a bit for each */
    public function in(WordIndex $index): string;
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Topics;

use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\Candidate;

/** How an answer is read where one kind of fact was asked for. */
interface Answer
{
    /** What was asked for is certain, however short the answer. */
    public const CERTAINTY = 0.95;

    /** @return iterable<Candidate> */
    public function read(Block $block): iterable;
}

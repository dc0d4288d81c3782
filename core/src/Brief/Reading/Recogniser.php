<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

/** Finds the facts of one kind, or of a few kinds that are said in the same way. */
interface Recogniser
{
    /** @return iterable<Candidate> */
    public function recognise(Reading $reading): iterable;
}

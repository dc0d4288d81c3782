<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Pages;

use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Sentence;

/** One of the ways in which a sentence asks for pages. */
interface PageWording
{
    /** @return iterable<Candidate> the pages asked for in this way, in the order they are named in */
    public function requests(Sentence $sentence): iterable;
}

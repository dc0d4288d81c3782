<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\Reading\Candidate;

/** What labelled briefs taught about a kind of fact, held against what wordings read. */
interface Learnt
{
    /** In fewer sentences too little is to be seen for a doubt. */
    public const CONTEXT = 5;

    /** How likely the spans of a sentence, or the sentence itself, are what is looked for. */
    public function odds(SentenceSpans $sentence): Weighed;

    /**
     * @param list<Weighed>   $sentences as odds() has them, all of a source
     * @param list<Candidate> $read      what was read so far
     *
     * @return list<Candidate> the same, with what is likely added and what is most unlikely left out
     */
    public function weighed(array $sentences, array $read): array;
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\Reading\Sentence;

/** The spans of one sentence, with all that is to be seen of them. */
final readonly class SentenceSpans
{
    /**
     * @param bool               $isAsked whether the designer said it
     * @param list<string>       $shared  traits that all its spans have in common, each once
     * @param list<Span>         $spans
     * @param list<list<string>> $traits  of each span, what is to be seen of it and around it, each once
     */
    public function __construct(
        public Sentence $sentence,
        public bool $isAsked,
        public array $shared,
        public array $spans,
        public array $traits,
    ) {
    }

    /** @param list<float> $odds */
    public function weighed(array $odds): Weighed
    {
        return new Weighed($this->sentence, $this->isAsked, $this->spans, $odds);
    }
}

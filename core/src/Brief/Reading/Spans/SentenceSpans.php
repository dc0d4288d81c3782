<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\Reading\Sentence;

/** The spans of one sentence, with all that is to be seen of them; each trait stands in one of the lists, once. */
final readonly class SentenceSpans
{
    /**
     * @param bool                     $isAsked whether the designer said it
     * @param list<string>             $shared  traits that all its spans have in common
     * @param list<Span>               $spans
     * @param list<list<string>>       $own     traits of each span
     * @param array<int, list<string>> $starts  traits of all spans that start with a word, by its number
     * @param array<int, list<string>> $ends    … that end with it
     */
    public function __construct(
        public Sentence $sentence,
        public bool $isAsked,
        public array $shared,
        public array $spans,
        public array $own,
        public array $starts,
        public array $ends,
    ) {
    }

    /** @return list<string> what is to be seen of a span and around it, beside what all have in common */
    public function traits(int $number): array
    {
        $span = $this->spans[$number];

        return [...$this->starts[$span->first], ...$this->ends[$span->last], ...$this->own[$number]];
    }

    /** @param list<float> $odds */
    public function weighed(array $odds): Weighed
    {
        return new Weighed($this->sentence, $this->isAsked, $this->spans, $odds);
    }
}

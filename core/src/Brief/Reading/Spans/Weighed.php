<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\Reading\Sentence;

/** A sentence with the odds that were found for it. */
final readonly class Weighed
{
    /** Where words, looks and wordings are asked for, things are named for other reasons. */
    private const OTHER_TOPICS = ['design_note', 'avoid_word', 'keyphrase', 'tone'];

    /**
     * @param bool        $isAsked whether the designer said it
     * @param list<Span>  $spans
     * @param list<float> $odds    logarithms of the odds, of each span or of each thing that the sentence may ask for
     */
    public function __construct(
        public Sentence $sentence,
        public bool $isAsked,
        public array $spans,
        public array $odds,
    ) {
    }

    /** Whether the client says something of the business or the site in it. */
    public function isTelling(): bool
    {
        return !$this->isAsked
            && $this->sentence->isSpoken()
            && !$this->sentence->isRefused()
            && !\in_array($this->sentence->block->topic, self::OTHER_TOPICS, true);
    }
}

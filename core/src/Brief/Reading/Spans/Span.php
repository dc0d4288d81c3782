<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;

/** A run of words of one sentence that may name something. */
final readonly class Span
{
    /** What is only likely is no more than a hint. */
    public const CERTAINTY = 0.5;

    /**
     * @param int  $start    in bytes from the start of the source
     * @param int  $first    the number of its first word in the sentence
     * @param int  $last     … and of its last
     * @param bool $isQuoted whether it stands in quotation marks
     */
    public function __construct(
        public string $text,
        public int $start,
        public int $first,
        public int $last,
        public bool $isQuoted = false,
    ) {
    }

    public function as(FactKind $kind, string $value): Candidate
    {
        return new Candidate($kind, $value, $this->start, \strlen($this->text), self::CERTAINTY);
    }
}

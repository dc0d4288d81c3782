<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting;

use DunePocket\Brief\Reading\Line;

/** What is asked for at a place in a source, and how. */
final readonly class Asked
{
    /**
     * @param ?string $topic    the value of a fact kind, "competitor", …; null when we know no such question
     * @param bool    $answered what follows is the answer
     * @param bool    $byLabel  what follows, up to an empty line, is all that belongs to it
     * @param ?Line   $question the question, for an answer of one word
     * @param ?string $then     what the same question asks for beside the name of the business
     */
    private function __construct(
        public ?string $topic,
        public bool $answered = false,
        public bool $byLabel = false,
        public ?Line $question = null,
        public ?string $then = null,
    ) {
    }

    public static function nothing(): self
    {
        return new self(null);
    }

    public static function byQuestion(?string $topic, ?Line $question = null, ?string $then = null): self
    {
        return new self($topic, answered: true, question: $question, then: $then);
    }

    public static function byHeading(?string $topic): self
    {
        return new self($topic);
    }

    /** "Pages:", with the list beneath. */
    public static function byLabel(?string $topic): self
    {
        return new self($topic, byLabel: true);
    }

    /** "Audience. Residents …": a label with what it asks for behind it. */
    public function answeredBehind(): self
    {
        return new self($this->topic, null !== $this->topic || $this->answered, $this->byLabel, $this->question, $this->then);
    }

    public function withoutQuestion(): self
    {
        return new self($this->topic, $this->answered, $this->byLabel, then: $this->then);
    }

    /** What is still to be answered once the name was given. */
    public function named(): self
    {
        return new self($this->then, $this->answered);
    }
}

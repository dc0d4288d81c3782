<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Offerings;

/** A verb of offering in a sentence. */
final readonly class OfferingVerb
{
    /**
     * @param string $kind      as core/catalogue/brief/cues.yaml calls it: "sure", "hired", "told", …
     * @param int    $offset    in bytes from the start of the sentence
     * @param float  $certainty of what it offers, 0 to 1
     */
    public function __construct(
        public string $kind,
        public string $words,
        public int $offset,
        private string $sentence,
        public float $certainty,
    ) {
    }

    public function end(): int
    {
        return $this->offset + \strlen($this->words);
    }

    public function before(): string
    {
        return substr($this->sentence, 0, $this->offset);
    }

    public function after(): string
    {
        return substr($this->sentence, $this->end());
    }
}

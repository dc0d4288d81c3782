<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Brief\FactKind;

final readonly class Sentence
{
    /** Where somebody else is spoken of. */
    private const OTHERS = ['competitor', 'admired_site'];

    /** "Nor a blog." */
    private const GOES_ON = '/^(?:no|nor|not|also|and|or|neither|please|any)\b/iu';

    /** @param int $start in bytes from the start of the source */
    public function __construct(
        public string $text,
        public int $start,
        public Block $block,
        private bool $takenBack = false,
        private bool $takenUp = false,
    ) {
    }

    /** The same sentence in other letters, as many bytes long. */
    public function reading(string $text): self
    {
        return new self($text, $this->start, $this->block, $this->takenBack, $this->takenUp);
    }

    /** "Somebody asked for a shop. Please don't.", or a question answered with no. */
    public function isRefused(): bool
    {
        return $this->takenBack || false === $this->block->agreed;
    }

    /** "You suggested a gallery. Lovely idea.", or a question answered with yes. */
    public function isAgreedTo(): bool
    {
        return $this->takenUp || true === $this->block->agreed;
    }

    /** Whether the quote begins in it. */
    public function holds(Candidate $candidate): bool
    {
        return $candidate->start >= $this->start && $candidate->start < $this->start + \strlen($this->text);
    }

    /** Whether its block starts with it. */
    public function isFirst(): bool
    {
        return $this->start <= $this->block->start;
    }

    /** "A shared calendar. The events list is enough.": what follows in an item below refusals says why, unless it goes on. */
    public function isRemarkOnRefusal(): bool
    {
        return BlockKind::Item === $this->block->kind && FactKind::PageRefusal->value === $this->block->topic && !$this->isFirst() && 1 !== preg_match(self::GOES_ON, $this->text);
    }

    public function isSpoken(): bool
    {
        return BlockKind::Signature !== $this->block->kind && !\in_array($this->block->topic, self::OTHERS, true);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

/** A stretch of a source that hangs together, with what it stands under. */
final readonly class Block
{
    /**
     * @param int     $start  in bytes from the start of the readable text
     * @param ?string $topic  what a heading, label or question asks for: the value of a fact kind, or "competitor"
     * @param int     $age    0 in the newest message of a thread, more in older ones
     * @param ?bool   $agreed for a question that the client answered with yes or no: which
     */
    public function __construct(
        public BlockKind $kind,
        public int $start,
        public string $text,
        public ?string $topic = null,
        public int $age = 0,
        public ?bool $agreed = null,
    ) {
    }

    /** The same stretch under something else. */
    public function about(?string $topic): self
    {
        return new self($this->kind, $this->start, $this->text, $topic, $this->age, $this->agreed);
    }

    /** The same stretch without the white space around it. */
    public function trimmed(): self
    {
        $text = ltrim($this->text);

        return new self($this->kind, $this->start + \strlen($this->text) - \strlen($text), rtrim($text), $this->topic, $this->age, $this->agreed);
    }
}

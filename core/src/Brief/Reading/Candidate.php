<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;

/** What a recogniser believes to have read, before the readings are weighed against each other. */
final readonly class Candidate
{
    private const PLAIN = 0.9;
    private const SUREST = 0.99;
    /** What is concluded from one hint is at most so certain. */
    private const HINT = 0.5;
    private const REPETITION = 0.02;
    private const AGREEMENT = 0.01;

    /**
     * @param int                  $start  of the quote, in bytes from the start of the source
     * @param int                  $length of the quote, in bytes
     * @param array<string, mixed> $detail
     */
    public function __construct(
        public FactKind $kind,
        public string $value,
        public int $start,
        public int $length,
        public float $certainty,
        public Origin $origin = Origin::Stated,
        public array $detail = [],
    ) {
    }

    /** The same with so many bytes before its quote as part of it. */
    public function from(int $before): self
    {
        return new self($this->kind, $this->value, $this->start - $before, $this->length + $before, $this->certainty, $this->origin, $this->detail);
    }

    public function withDetail(string $key, string $value): self
    {
        return new self($this->kind, $this->value, $this->start, $this->length, $this->certainty, $this->origin, [$key => $value] + $this->detail);
    }

    public function isInferred(): bool
    {
        return Origin::Inferred === $this->origin;
    }

    /** Whether it was stated rather than hinted at. */
    public function isPlain(): bool
    {
        return $this->certainty >= self::PLAIN;
    }

    /** What two candidates share that say the same: "the Prices page" and "price", "Pots & pans" and "pots and pans". */
    public function key(): string
    {
        $key = str_replace(' & ', ' and ', mb_strtolower(Phrase::withoutArticle($this->value)));
        $key = preg_replace('/\s+pages?$/u', '', $key) ?? $key;

        return preg_replace('/(?<=\p{L}{3})s$/u', '', $key) ?? $key;
    }

    public function overlaps(self $other): bool
    {
        return $this->start < $other->start + $other->length && $other->start < $this->start + $this->length;
    }

    public function liesIn(self $other): bool
    {
        return $other->start <= $this->start && $other->start + $other->length >= $this->start + $this->length;
    }

    /** The surer of the two, with what each knows beside it; the first where they are equally sure. */
    public function joined(self $other): self
    {
        $better = $this->certainty >= $other->certainty ? $this : $other;

        return new self($better->kind, $better->value, $better->start, $better->length, $better->certainty, $better->origin, $this->detail + $other->detail);
    }

    /** The same, said again elsewhere: a little surer; read in the same words by another wording: hardly, and a hint stays one. */
    public function repeated(self $again): self
    {
        $both = $this->joined($again);
        $surer = match (true) {
            !$this->overlaps($again) => self::REPETITION,
            $both->certainty <= self::HINT => 0.0,
            default => self::AGREEMENT,
        };

        return new self($both->kind, $both->value, $both->start, $both->length, min(self::SUREST, $both->certainty + $surer), $both->origin, $both->detail);
    }

    public function atMost(float $certainty): self
    {
        return new self($this->kind, $this->value, $this->start, $this->length, min($certainty, $this->certainty), $this->origin, $this->detail);
    }

    public function as(FactKind $kind): self
    {
        return new self($kind, $this->value, $this->start, $this->length, $this->certainty, $this->origin, $this->detail);
    }
}

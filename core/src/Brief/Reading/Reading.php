<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Brief\Reading\Searching\SentenceSearch;
use DunePocket\Catalogue\Wordings;

/** A source taken apart into blocks and sentences. */
final readonly class Reading
{
    /** What a business says of itself, it says within the first five thousand words; in bytes. */
    private const FAR_ENOUGH = 30_000;

    /** Looks through the client's sentences. */
    public SentenceSearch $search;

    /**
     * @param list<Block>    $blocks
     * @param list<Sentence> $sentences of the client's
     * @param list<Sentence> $asked     what the designer asked: it names the business, and says nothing else of it
     */
    public function __construct(
        public ReadableText $text,
        public array $blocks,
        public array $sentences,
        public array $asked = [],
    ) {
        $this->search = SentenceSearch::in($sentences);
    }

    /** @param int $number of the sentence, from 0 */
    public function says(int $number, Wordings $wordings): bool
    {
        return $this->search->mayHold($wordings, $number) && $wordings->standIn($this->sentences[$number]->text);
    }

    /** The text as far as a business tells what it is and does. */
    public function beginning(): string
    {
        return mb_strcut($this->text->text, 0, self::FAR_ENOUGH);
    }

    /** @param int $start in bytes from the start of the source */
    public function isInBeginning(int $start): bool
    {
        return $start < self::FAR_ENOUGH;
    }

    /** @return array<int, int> by age of the message: where its first words stand, in bytes */
    public function openings(): array
    {
        $openings = [];
        foreach ($this->sentences as $sentence) {
            if ($sentence->isSpoken()) {
                $openings[$sentence->block->age] ??= $sentence->start;
            }
        }

        return $openings;
    }

    /**
     * The number of the sentence in which a stretch of the text lies whole; null when it is in none, or in two.
     *
     * @param int $start  in bytes from the start of the source
     * @param int $length in bytes
     */
    public function sentenceAt(int $start, int $length): ?int
    {
        [$low, $high] = [0, \count($this->sentences) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            [$low, $high] = $this->sentences[$middle]->start <= $start ? [$middle, $high] : [$low, $middle - 1];
        }
        $sentence = $this->sentences[$low] ?? null;

        return null !== $sentence && $sentence->start <= $start && $start + $length <= $sentence->start + \strlen($sentence->text) ? $low : null;
    }
}

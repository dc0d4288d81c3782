<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Catalogue\Cues;

/** Tells whether a place in a sentence is denied: "no blog please", "leave the café off", a question answered with no. */
final readonly class Negation
{
    public function __construct(private Cues $cues)
    {
    }

    /** @param int $offset in bytes from the start of the sentence */
    public function covers(Sentence $sentence, int $offset): bool
    {
        return $sentence->isRefused() || ($this->coversWithin($sentence->text, $offset) && !$this->isWished($sentence->text, $offset));
    }

    /**
     * "Please don't forget the map.": a no that says yes.
     *
     * @param int $offset in bytes from the start of the sentence
     */
    public function isWished(string $sentence, int $offset): bool
    {
        preg_match_all($this->cues->afterAll, $sentence, $wishes, \PREG_OFFSET_CAPTURE);

        return [] !== array_filter($wishes[0], static fn (array $wish): bool => $wish[1] <= $offset && $offset < $wish[1] + \strlen($wish[0]));
    }

    private function coversWithin(string $sentence, int $offset): bool
    {
        $before = substr($sentence, 0, $offset);
        $clause = preg_split('/[;:()—–]|\s-\s|,\s*(?=(?:but|we|i|they|it|the|a|our|please|just|with|let|so|there|check|send|ring|call|look|ask|get)\b)|\b(?:but|except|because|although)\b/iu', $before) ?: [$before];
        $near = (string) end($clause);
        $words = preg_split('/\s+/', trim($near)) ?: [];
        $near = implode(' ', \array_slice($words, -9));
        $near = preg_replace($this->cues->takenUp, '', $near) ?? $near;
        $said = $near.' '.implode(' ', \array_slice(preg_split('/\s+/', trim(substr($sentence, $offset))) ?: [], 0, 2));

        return ($this->cues->isNegated($near) && 1 !== preg_match($this->cues->noNegation, $said))
            || 1 === preg_match($this->cues->negatedBehind, substr($sentence, $offset));
    }
}

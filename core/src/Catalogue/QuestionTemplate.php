<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Brief\FactKind;

/** A question the brief should answer, and what the answer is worth. */
final readonly class QuestionTemplate
{
    /**
     * @param int     $points  what an answer adds to the score; 0 where it helps the job and not the plan
     * @param int     $enough  how many facts answer it
     * @param string  $text    as the designer reads it
     * @param string  $ask     as the client is asked, in plain words
     * @param string  $hint    how to answer
     * @param ?string $guess   what the plan supposes without an answer, with {kind}, {customers}, {offerings} and {goal}
     * @param ?string $suggest where suggested answers come from: goals, tones, pages, phrases or usual
     * @param bool    $visited whether it is only asked of businesses that people come to
     */
    public function __construct(
        public string $id,
        public FactKind $kind,
        public string $part,
        public int $points,
        public int $enough,
        public string $text,
        public string $ask,
        public string $hint,
        public string $effect,
        public ?string $guess,
        public ?string $suggest,
        public bool $visited,
    ) {
    }
}

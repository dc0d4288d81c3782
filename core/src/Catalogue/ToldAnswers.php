<?php

declare(strict_types=1);

namespace DunePocket\Catalogue;

use DunePocket\Brief\FactKind;
use DunePocket\Data\Node;

/** What in answers told in sentences is no answer, from core/catalogue/brief/told-answers.yaml. */
final readonly class ToldAnswers
{
    /** Kinds of fact that have no lines of their own. */
    private const OTHER = 'other';

    /** @var array<string, ToldAnswer> by kind of fact */
    private array $cues;

    /** @param callable(string): string $expand makes a regular expression of a wording */
    public function __construct(Node $answers, callable $expand)
    {
        $this->cues = array_map(static fn (Node $answer): ToldAnswer => new ToldAnswer($answer, $expand), $answers->entries());
    }

    public function of(FactKind $kind): ToldAnswer
    {
        return $this->cues[$kind->value] ?? $this->cues[self::OTHER];
    }
}

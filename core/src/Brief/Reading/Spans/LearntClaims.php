<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\WordWeights;

/** Doubts about what was read to set the business apart: where the sentence most likely makes no such claim, it is left out. */
final readonly class LearntClaims implements Learnt
{
    private const DOUBTFUL = -2.0;
    /** … where it was asked what sets them apart. */
    private const DOUBTFUL_WHERE_ASKED = -3.5;

    public function __construct(private WordWeights $weights)
    {
    }

    public function odds(SentenceSpans $sentence): Weighed
    {
        return $sentence->weighed([$this->weights->odds($sentence->shared)]);
    }

    public function weighed(array $sentences, array $read): array
    {
        if (\count($sentences) < self::CONTEXT) {
            return $read;
        }
        $doubtful = array_filter($sentences, fn (Weighed $weighed): bool => $weighed->odds[0] < $this->doubtful($weighed->sentence));

        return array_values(array_filter($read, static fn (Candidate $candidate): bool => FactKind::Differentiator !== $candidate->kind || [] === array_filter($doubtful, static fn (Weighed $weighed): bool => $weighed->sentence->holds($candidate))));
    }

    /** What is said first where it was asked for is a claim, however unlikely its words are. */
    private function doubtful(Sentence $sentence): float
    {
        return match (true) {
            FactKind::Differentiator->value !== $sentence->block->topic => self::DOUBTFUL,
            $sentence->isFirst() => -\INF,
            default => self::DOUBTFUL_WHERE_ASKED,
        };
    }
}

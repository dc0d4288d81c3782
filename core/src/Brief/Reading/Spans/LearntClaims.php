<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Catalogue\WordWeights;

/** Doubts about what was read to set the business apart: where the sentence most likely makes no such claim, it is left out. */
final readonly class LearntClaims implements Learnt
{
    private const DOUBTFUL = -2.0;
    /** … where it was asked what sets them apart. */
    private const DOUBTFUL_WHERE_ASKED = -4.5;

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
        $doubtful = array_filter($sentences, static fn (Weighed $weighed): bool => $weighed->odds[0] < (FactKind::Differentiator->value === $weighed->sentence->block->topic ? self::DOUBTFUL_WHERE_ASKED : self::DOUBTFUL));

        return array_values(array_filter($read, static fn (Candidate $candidate): bool => FactKind::Differentiator !== $candidate->kind || [] === array_filter($doubtful, static fn (Weighed $weighed): bool => $weighed->sentence->holds($candidate))));
    }
}

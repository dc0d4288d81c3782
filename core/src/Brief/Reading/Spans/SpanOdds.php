<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Catalogue\WordWeights;

/** How likely each span is what is looked for. */
final readonly class SpanOdds
{
    /** So many things in one sentence vouch for each other. */
    private const COMPANY = 3;
    /** How much less likely each of them, and all on average, may be than a thing that stands alone. */
    private const LESS_IN_COMPANY = 1.5;
    private const LESS_ON_AVERAGE = 0.5;

    public function __construct(private WordWeights $weights)
    {
    }

    public function of(SentenceSpans $sentence): Weighed
    {
        $shared = $this->weights->odds($sentence->shared);
        $starts = array_map($this->weights->sum(...), $sentence->starts);
        $ends = array_map($this->weights->sum(...), $sentence->ends);

        return $sentence->weighed(array_map(fn (Span $span, array $own): float => $shared + $starts[$span->first] + $ends[$span->last] + $this->weights->sum($own), $sentence->spans, $sentence->own));
    }

    /**
     * @return list<Span> those with at least such odds, and in an enumeration of likely ones those with somewhat less;
     *                    the likeliest first, none on top of another
     */
    public static function likely(Weighed $sentence, float $least): array
    {
        $apart = self::apart($sentence->spans, array_filter($sentence->odds, static fn (float $odd): bool => $odd >= $least - self::LESS_IN_COMPANY));
        $areCompany = \count($apart) >= self::COMPANY && array_sum($apart) / \count($apart) >= $least - self::LESS_ON_AVERAGE;

        return array_map(static fn (int $number): Span => $sentence->spans[$number], array_keys($areCompany ? $apart : array_filter($apart, static fn (float $odd): bool => $odd >= $least)));
    }

    /**
     * @param list<Span>        $spans
     * @param array<int, float> $odds  by the number of the span
     *
     * @return array<int, float> of those that stand on top of each other the likeliest, the likeliest first
     */
    private static function apart(array $spans, array $odds): array
    {
        arsort($odds);
        $taken = [];

        return array_filter($odds, static function (int $number) use ($spans, &$taken): bool {
            $bytes = array_fill($spans[$number]->start, \strlen($spans[$number]->text), true);
            $isFree = [] === array_intersect_key($bytes, $taken);
            $taken += $isFree ? $bytes : [];

            return $isFree;
        }, \ARRAY_FILTER_USE_KEY);
    }
}

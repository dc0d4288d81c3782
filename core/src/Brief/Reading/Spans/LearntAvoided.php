<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Catalogue\WordWeights;

/** Words in quotation marks that are not to be said, where no wording gives it away: "I feel the same about “superfood”." */
final readonly class LearntAvoided implements Learnt
{
    public const QUOTED = 'quoted';
    private const ENOUGH = 0.7;
    /** What the words may be known as instead. */
    private const INSTEAD = [FactKind::BusinessName, FactKind::Offering, FactKind::PageRequest, FactKind::PageRefusal, FactKind::Keyphrase, FactKind::Proof];

    private SpanOdds $odds;

    public function __construct(WordWeights $weights)
    {
        $this->odds = new SpanOdds($weights);
    }

    public function odds(SentenceSpans $sentence): Weighed
    {
        $isQuoted = array_map(static fn (array $own): bool => \in_array(self::QUOTED, $own, true), $sentence->own);

        if (!\in_array(true, $isQuoted, true)) {
            return $sentence->weighed(array_fill(0, \count($sentence->spans), -\INF));
        }

        return $sentence->weighed(array_map(static fn (float $odds, bool $isQuoted): float => $isQuoted ? $odds : -\INF, $this->odds->of($sentence)->odds, $isQuoted));
    }

    public function weighed(array $sentences, array $read): array
    {
        $known = new Known($read, FactKind::AvoidWord, self::INSTEAD);
        foreach ($sentences as $sentence) {
            foreach (!$sentence->isAsked && $sentence->sentence->isSpoken() ? SpanOdds::likely($sentence, self::ENOUGH) : [] as $span) {
                $avoided = $span->as(FactKind::AvoidWord, Phrase::tidy($span->text));
                if (!$known->has($avoided)) {
                    $known->add($avoided);
                    $read[] = $avoided;
                }
            }
        }

        return $read;
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\WordWeights;

/** Words in quotation marks that are not to be said, where no wording gives it away: "I feel the same about “superfood”." */
final readonly class LearntAvoided implements Learnt
{
    private const ENOUGH = 0.7;
    /** "We say “tenants”, never “service users”." */
    private const SAID = '/\b(?:(?<!never )(?<!not )(?<!don[\'’]t )(?:we|i|they|you|people)(?: (?:always|do|just))? (?:say|said|call (?:it|them|him|her|ourselves))|called|named|known as|begins with)(?: an?| the)?\s*["“‘\']$/iu';
    /** What the words may be known as instead. */
    private const INSTEAD = [FactKind::BusinessName, FactKind::Offering, FactKind::PageRequest, FactKind::PageRefusal, FactKind::Keyphrase, FactKind::Proof];

    private SpanOdds $odds;

    public function __construct(WordWeights $weights)
    {
        $this->odds = new SpanOdds($weights);
    }

    public function odds(SentenceSpans $sentence): Weighed
    {
        $areQuoted = [] !== array_filter($sentence->spans, static fn (Span $span): bool => $span->isQuoted);

        return $sentence->weighed(array_map(static fn (Span $span, float $odds): float => $span->isQuoted ? $odds : -\INF, $sentence->spans, $areQuoted ? $this->odds->of($sentence)->odds : array_fill(0, \count($sentence->spans), -\INF)));
    }

    public function weighed(array $sentences, array $read): array
    {
        $known = new Known($read, FactKind::AvoidWord, self::INSTEAD);
        foreach ($sentences as $sentence) {
            foreach (!$sentence->isAsked && $sentence->sentence->isSpoken() ? array_filter(SpanOdds::likely($sentence, self::ENOUGH), fn (Span $span): bool => !$this->isSaid($span, $sentence->sentence)) : [] as $span) {
                $avoided = $span->as(FactKind::AvoidWord, Phrase::tidy($span->text));
                if (!$known->has($avoided)) {
                    $known->add($avoided);
                    $read[] = $avoided;
                }
            }
        }

        return $read;
    }

    private function isSaid(Span $span, Sentence $sentence): bool
    {
        return 1 === preg_match(self::SAID, substr($sentence->text, 0, $span->start - $sentence->start));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\WordWeights;

/**
 * The business name that no wording gives away: of all runs of words, the likeliest. A name that a wording read, and
 * that is far less likely than another, is none.
 */
final readonly class LearntName implements Learnt
{
    private const ENOUGH = -2.0;
    private const DATE = '/\d.*\b(?:january|february|march|april|may|june|july|august|september|october|november|december)\b/iu';
    /** What the words may be known as instead. */
    private const INSTEAD = [FactKind::Offering, FactKind::PageRequest, FactKind::PageRefusal, FactKind::Feature, FactKind::Audience, FactKind::Location, FactKind::AreaServed, FactKind::ContactPhone, FactKind::ContactAddress, FactKind::OpeningHours, FactKind::Price];
    /** "Nell from Thirlby", "it's Dara" */
    private const SOMEBODY = '/^(?:Further to|Following|Regarding|Hi|Hello|Hey|Dear) |^\p{Lu}\p{Ll}+ from \p{Lu}\p{Ll}+$|^(?:(?i)hi |hello )?(?i)it[\'’]?s \p{L}+$/u';
    /** "Stony Lane Nursery nr Wem" */
    private const GOES_ON = '/\s(?:nr|near|in|at|of|from|on|by|for|with|and)$/iu';
    /** "Gregor Tait <gregor@…>" */
    private const SENDER = '/^\W*(\p{L}{2,})[^<>]*<\1@/iu';
    /** "Who's Saltmarsh Vets?" */
    private const ASKS = '/^(?:who|what|where|how|when|why)[\'’](?:s|re)\s+/iu';
    /** "KEEP / CHANGE / DROP" */
    private const APART = '~\s[/|→>]\s~u';
    private const OF_OURS = '/\b(?:my|our|an?)\s+$/iu';
    /** The odds of words that are no run of words. */
    private const NO_SPAN = -6.0;
    private const FAR_LESS = 5.0;

    private SpanOdds $odds;

    public function __construct(WordWeights $weights)
    {
        $this->odds = new SpanOdds($weights);
    }

    public function odds(SentenceSpans $sentence): Weighed
    {
        return $this->odds->of($sentence);
    }

    public function weighed(array $sentences, array $read): array
    {
        $best = [];
        $likeliest = null;
        $highest = self::ENOUGH;
        foreach ($sentences as $sentence) {
            foreach ($sentence->spans as $i => $span) {
                $key = $this->key($span->text);
                $best[$key] = max($best[$key] ?? $sentence->odds[$i], $sentence->odds[$i]);
                if ($sentence->odds[$i] > $highest && $this->mayBeName($span, $sentence->sentence)) {
                    [$likeliest, $highest] = [$span, $sentence->odds[$i]];
                }
            }
        }
        $read = array_values(array_filter($read, fn (Candidate $candidate): bool => FactKind::BusinessName !== $candidate->kind || $highest - $this->oddsOf($this->key($candidate->value), $best) <= self::FAR_LESS));
        $name = null === $likeliest ? null : $this->named($likeliest);

        return null === $name || $this->isKnown($name, $read) ? $read : [...$read, $name];
    }

    /**
     * Whether the words are known as something else, or begin the name that the address spells out: "Maren" of Maren Holt.
     *
     * @param list<Candidate> $read
     */
    private function isKnown(Candidate $name, array $read): bool
    {
        return [] !== array_filter($read, static fn (Candidate $candidate): bool => \in_array($candidate->kind, self::INSTEAD, true) ? $candidate->overlaps($name) : FactKind::BusinessName === $candidate->kind && str_starts_with($candidate->value, $name->value.' '));
    }

    /**
     * Of a name that is no run of words as it stands, "Bowland Beekeepers’ Association", those of its longest part.
     *
     * @param array<string, float> $best by key
     */
    private function oddsOf(string $key, array $best): float
    {
        if (isset($best[$key])) {
            return $best[$key];
        }
        $words = preg_split('/[\s\'’]+/u', $key, -1, \PREG_SPLIT_NO_EMPTY) ?: [];
        $odds = self::NO_SPAN;
        for ($from = 0; $from < \count($words); ++$from) {
            for ($length = \count($words) - $from; $length > 0; --$length) {
                $part = implode(' ', \array_slice($words, $from, $length));
                $odds = 2 * \strlen($part) > \strlen($key) ? max($odds, $best[$part] ?? self::NO_SPAN) : $odds;
            }
        }

        return $odds;
    }

    /** "Who's Saltmarsh Vets" asks for it by its name. */
    private function named(Span $span): Candidate
    {
        $words = preg_replace(self::ASKS, '', $span->text) ?? $span->text;
        $name = $span->as(FactKind::BusinessName, mb_strtolower($words) === $words ? Phrase::properName($words) : Phrase::tidy($words));
        $lead = \strlen($span->text) - \strlen($words);

        return 0 === $lead ? $name : new Candidate($name->kind, $name->value, $name->start + $lead, $name->length - $lead, $name->certainty, $name->origin, $name->detail);
    }

    /** "Our festival is on 3-5 July", "a site for my window cleaning round" */
    private function mayBeName(Span $span, Sentence $sentence): bool
    {
        return 1 !== preg_match(self::DATE, $span->text)
            && 1 !== preg_match(self::APART, $span->text)
            && 1 !== preg_match(self::SOMEBODY, $span->text)
            && 1 !== preg_match(self::GOES_ON, $span->text)
            && 1 !== preg_match(self::SENDER, $sentence->text)
            && (mb_strtolower($span->text) !== $span->text || 1 !== preg_match(self::OF_OURS, substr($sentence->text, 0, $span->start - $sentence->start)));
    }

    private function key(string $name): string
    {
        return mb_strtolower(Phrase::withoutArticle($name));
    }
}

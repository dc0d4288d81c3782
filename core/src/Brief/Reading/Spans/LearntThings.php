<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\WordWeights;

/** Things of one kind that no wording gives away, such as offerings, pages asked for or refused. */
final readonly class LearntThings implements Learnt
{
    /** What is guessed needs be less unlikely. */
    private const GUESS = 0.6;
    private const DOUBTFUL_GUESS = -1.5;

    /** Years, sums of money, things counted. */
    private const NO_THING = '/\d{4}|\p{L}\s\d{2,3}$|[£$€]|^(?:two|three|four|five|six|seven|eight|nine|ten|twelve|twenty|thirty|forty|fifty|sixty|\d+)\s/iu';

    /** A few sentences show too little to guess from. */
    private const SURER_IN_SHORT = 0.8;
    /** What stands beside a refusal that a wording read is less likely another. */
    private const BESIDE = 1.6;
    /** Where these are asked for, a guess that something is refused is wrong. */
    private const WANTS = ['goal', 'offering'];
    private const MANY = 2;
    private const BUSINESS = '/^\s+(?:place|business|company|firm|outfit)\b/iu';

    private SpanOdds $odds;

    /**
     * @param array{enough: float, doubtful: float} $limits  odds from which on a few words name such a thing, and below
     *                                                       which a thing that a wording read is none
     * @param list<FactKind>                        $instead what the words may be known as instead
     * @param float                                 $sure    odds from which on they are not, unless that was said plainly
     * @param ?string                               $unless  a pattern that tells sentences that name none
     * @param ?\Closure(string): bool               $mayName whether words may name such a thing at all
     */
    public function __construct(
        private FactKind $kind,
        WordWeights $weights,
        private array $limits,
        private array $instead = [],
        private float $sure = \INF,
        private ?string $unless = null,
        private ?\Closure $mayName = null,
    ) {
        $this->odds = new SpanOdds($weights);
    }

    public function odds(SentenceSpans $sentence): Weighed
    {
        return $this->odds->of($sentence);
    }

    public function weighed(array $sentences, array $read): array
    {
        $known = new Known($read, $this->kind, $this->instead);
        $plain = new Known(array_filter($read, fn (Candidate $candidate): bool => $candidate->kind === $this->kind || $candidate->isPlain()), $this->kind, $this->instead);
        $told = array_flip(array_map(static fn (Candidate $candidate): int => $candidate->start, array_filter($read, fn (Candidate $candidate): bool => $candidate->kind === $this->kind)));
        $best = [];
        $found = [];
        $enough = $this->limits['enough'] + (\count($sentences) < self::CONTEXT ? self::SURER_IN_SHORT : 0.0);
        foreach ($sentences as $sentence) {
            foreach ($sentence->spans as $i => $span) {
                $words = mb_strtolower($span->text);
                $best[$words] = max($best[$words] ?? $sentence->odds[$i], $sentence->odds[$i]);
            }
            $likely = SpanOdds::likely($sentence, $enough + ($this->isRefusing($sentence, $told) ? self::BESIDE : 0.0));
            if ([] !== $likely && $this->mayNameAny($sentence) && !$this->isAnswered($sentence, $told)) {
                array_push($found, ...array_filter($likely, fn (Span $span): bool => $this->mayBe($span) && !$this->saysWhatTheyAre($span, $sentence->sentence)));
            }
        }
        foreach ($found as $span) {
            $thing = $span->as($this->kind, Phrase::title($span->text));
            if (!($best[mb_strtolower($span->text)] >= $this->sure ? $plain : $known)->has($thing)) {
                $known->add($thing);
                $plain->add($thing);
                $read[] = $thing;
            }
        }

        $asked = $this->whereAsked($sentences);
        $answers = static fn (Candidate $candidate): bool => $candidate->isPlain() && [] !== array_filter($asked, static fn (Sentence $sentence): bool => $sentence->holds($candidate));

        if (\count($sentences) < self::CONTEXT) {
            return $read;
        }
        $sound = array_filter($read, fn (Candidate $candidate): bool => $candidate->kind !== $this->kind || $answers($candidate) || ($best[mb_strtolower($candidate->value)] ?? \INF) >= $this->doubtful($candidate));

        return array_values(array_filter($read, fn (Candidate $candidate, int $i): bool => isset($sound[$i]) || $this->isOneOfMany($candidate, $sound, $sentences), \ARRAY_FILTER_USE_BOTH));
    }

    /**
     * Whether others that were read as surely in the same sentence are sound: what is listed with them is as they are.
     *
     * @param array<Candidate> $sound
     * @param array<Weighed>   $sentences
     */
    private function isOneOfMany(Candidate $candidate, array $sound, array $sentences): bool
    {
        foreach (FactKind::Offering === $this->kind && $candidate->isPlain() ? $sentences : [] as $weighed) {
            if ($weighed->sentence->holds($candidate)) {
                return self::MANY <= \count(array_filter($sound, fn (Candidate $other): bool => $other->kind === $this->kind && $other->certainty === $candidate->certainty && $weighed->sentence->holds($other)));
            }
        }

        return false;
    }

    /**
     * What is listed where it was asked what is not wanted.
     *
     * @param array<Weighed> $sentences
     *
     * @return list<Sentence>
     */
    private function whereAsked(array $sentences): array
    {
        $asked = array_filter($sentences, fn (Weighed $weighed): bool => FactKind::PageRefusal === $this->kind && $this->kind->value === $weighed->sentence->block->topic);

        return array_values(array_map(static fn (Weighed $weighed): Sentence => $weighed->sentence, $asked));
    }

    /** Below which odds it is none. What has its price is more than a guess. */
    private function doubtful(Candidate $candidate): float
    {
        return match (true) {
            $candidate->certainty <= self::GUESS && !isset($candidate->detail['price']) => max($this->limits['doubtful'], self::DOUBTFUL_GUESS),
            default => $this->limits['doubtful'],
        };
    }

    /**
     * Whether such things were asked for and the sentence was understood: what else it says is said of them.
     *
     * @param array<int, int> $told by where things begin that wordings read
     */
    private function isAnswered(Weighed $weighed, array $told): bool
    {
        return $this->kind->value === $weighed->sentence->block->topic
            && [] !== array_filter($weighed->spans, static fn (Span $span): bool => isset($told[$span->start]));
    }

    /** @param array<int, int> $told by where things begin that wordings read */
    private function isRefusing(Weighed $weighed, array $told): bool
    {
        return FactKind::PageRefusal === $this->kind && [] !== array_filter($weighed->spans, static fn (Span $span): bool => isset($told[$span->start]));
    }

    private function mayBe(Span $span): bool
    {
        return 1 !== preg_match(self::NO_THING, $span->text)
            && (null === $this->mayName || ($this->mayName)($span->text));
    }

    /** "A dog grooming place" */
    private function saysWhatTheyAre(Span $span, Sentence $sentence): bool
    {
        return FactKind::Offering === $this->kind && 1 === preg_match(self::BUSINESS, substr($sentence->text, $span->start - $sentence->start + \strlen($span->text)));
    }

    private function mayNameAny(Weighed $weighed): bool
    {
        return $weighed->isTelling()
            && BlockKind::Title !== $weighed->sentence->block->kind
            && (FactKind::PageRefusal !== $this->kind || !\in_array($weighed->sentence->block->topic, self::WANTS, true))
            && (FactKind::PageRequest !== $this->kind || FactKind::PageRefusal->value !== $weighed->sentence->block->topic)
            && (BlockKind::Item !== $weighed->sentence->block->kind || $this->kind->value !== $weighed->sentence->block->topic)
            && (null === $this->unless || 1 !== preg_match($this->unless, $weighed->sentence->text));
    }
}

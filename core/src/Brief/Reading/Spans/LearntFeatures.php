<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Places;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\WeightsOfMany;

/** Features that no wording gives away: each by the sentence that most likely asks for it. */
final readonly class LearntFeatures implements Learnt
{
    private const ENOUGH = -2.4;
    /** A few sentences show too little to guess from. */
    private const ENOUGH_IN_SHORT = -1.0;
    /** The more sentences there are, the likelier one of them looks as if it asked, so that it must be surer. */
    private const USUAL = 8;
    private const LONGER = 0.5;
    /** What a sentence in which a wording read another feature, or a refusal, must be likelier by. */
    private const EXPLAINED = 3.0;
    private const EXPLAIN = [FactKind::Feature, FactKind::PageRefusal];

    /** @param WeightsOfMany $weights of features */
    public function __construct(private WeightsOfMany $weights)
    {
    }

    public function odds(SentenceSpans $sentence): Weighed
    {
        return $sentence->weighed($this->weights->odds($sentence->shared));
    }

    public function weighed(array $sentences, array $read): array
    {
        $known = array_filter($read, static fn (Candidate $candidate): bool => FactKind::Feature === $candidate->kind);
        $names = array_map(static fn (Candidate $feature): string => $feature->value, $known);
        $told = array_values(array_filter($read, static fn (Candidate $candidate): bool => \in_array($candidate->kind, self::EXPLAIN, true)));
        $places = $this->places($told);
        $sentences = array_map(fn (Weighed $weighed): array => [$weighed, $this->isExplained($weighed->sentence, $told, $places) ? self::EXPLAINED : 0.0], array_filter($sentences, $this->mayAsk(...)));
        $enough = \count($sentences) < self::CONTEXT ? self::ENOUGH_IN_SHORT : self::ENOUGH + self::LONGER * log(max(1.0, \count($sentences) / self::USUAL));
        foreach (array_diff($this->weights->things, $names) as $number => $feature) {
            [$likeliest, $highest] = [null, $enough];
            foreach ($sentences as [$weighed, $explained]) {
                $odds = $weighed->odds[$number] - $explained;
                if ($odds > $highest) {
                    [$likeliest, $highest] = [$weighed->sentence, $odds];
                }
            }
            if (null !== $likeliest) {
                $read[] = new Candidate(FactKind::Feature, $feature, $likeliest->start, \strlen($likeliest->text), Span::CERTAINTY);
            }
        }

        return $read;
    }

    /** @param array<int, Candidate> $known */
    private function places(array $known): Places
    {
        $places = new Places();
        foreach ($known as $number => $feature) {
            $places->put($number, $feature);
        }

        return $places;
    }

    /** @param array<int, Candidate> $known */
    private function isExplained(Sentence $sentence, array $known, Places $places): bool
    {
        return [] !== array_filter($places->nearby($sentence->start, \strlen($sentence->text)), static fn (int $number): bool => $sentence->holds($known[$number]));
    }

    private function mayAsk(Weighed $weighed): bool
    {
        return $weighed->isTelling()
            && !\in_array($weighed->sentence->block->kind, [BlockKind::Title, BlockKind::Heading], true);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Places;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\WordWeights;

/** Features that no wording gives away: each by the sentence that most likely asks for it. */
final readonly class LearntFeatures implements Learnt
{
    private const ENOUGH = -1.8;
    /** What a sentence in which a wording read another feature must be likelier by. */
    private const EXPLAINED = 2.0;

    /** @param array<string, WordWeights> $weights by feature */
    public function __construct(private array $weights)
    {
    }

    public function odds(SentenceSpans $sentence): Weighed
    {
        return $sentence->weighed(array_map(static fn (WordWeights $weights): float => $weights->odds($sentence->shared), array_values($this->weights)));
    }

    public function weighed(array $sentences, array $read): array
    {
        $known = array_filter($read, static fn (Candidate $candidate): bool => FactKind::Feature === $candidate->kind);
        $names = array_map(static fn (Candidate $feature): string => $feature->value, $known);
        $places = $this->places($known);
        $sentences = array_map(fn (Weighed $weighed): array => [$weighed, $this->asksForAnother($weighed->sentence, $known, $places) ? self::EXPLAINED : 0.0], array_filter($sentences, $this->mayAsk(...)));
        foreach (array_diff(array_keys($this->weights), $names) as $number => $feature) {
            [$likeliest, $highest] = [null, self::ENOUGH];
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
    private function asksForAnother(Sentence $sentence, array $known, Places $places): bool
    {
        return [] !== array_filter($places->nearby($sentence->start, \strlen($sentence->text)), static fn (int $number): bool => $sentence->holds($known[$number]));
    }

    private function mayAsk(Weighed $weighed): bool
    {
        return $weighed->isTelling()
            && !\in_array($weighed->sentence->block->kind, [BlockKind::Title, BlockKind::Heading], true);
    }
}

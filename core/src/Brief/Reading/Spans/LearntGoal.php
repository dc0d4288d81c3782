<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Catalogue\WeightsOfMany;
use DunePocket\Catalogue\WordWeights;

/**
 * The goal that counts: what a wording read counts by how plainly it was said and by how likely its sentence is the one
 * that says what the site is for. "Four e-mails later we have a date. I'd like them to pick a slot" names two, and wants
 * the second. Where no wording read the likeliest sentence, its words tell the goal, as a hint.
 */
final readonly class LearntGoal implements Learnt
{
    /** What the certainty of a wording counts, and that of none. */
    private const SAID = 10.0;
    private const UNSAID = 0.5;
    /** What the odds of the sentence count, and those of its words for the goal, as powers of ten below none; the words less where a wording told the goal. */
    private const AIM = 2.0;
    private const GOAL = 1.0;
    private const GOAL_SAID = 0.3;
    private const LEAST = -2.0;
    /** … and where a wording says it plainly. */
    private const LEAST_PLAIN = -1.0;
    /** What each message since counts against it. */
    private const AGE = 2.0;
    /** What every sentence before it counts against it, that the first of two alike be taken. */
    private const LATER = 0.02;
    /** So much less than a wording would count, a hint is none; nor is it where the words hardly tell the goal. */
    private const ENOUGH = 1.4;
    private const DOUBTFUL = -2.0;
    /** In fewer sentences nobody says what a site is for without a wording for it. */
    private const FEWEST = 3;
    /** "The phone rings all day with people asking prices": what is, is no aim. */
    private const AS_IT_IS = '/\b(?:rings?|ringing|calls?|calling|e-?mails?|asks?|asking)\b[^.]*\b(?:all day|all the time|constantly|non-?stop|off the hook|every day)\b|\b(?:all day|all the time|constantly|non-?stop)\b[^.]*\b(?:rings?|ringing|calls?|calling|asks?|asking)\b|\bkeeps? (?:ringing|calling|asking)\b/iu';
    /** How much less certain than the goal the others are. */
    private const BELOW = 0.03;

    /**
     * @param WordWeights   $aim   how much what is to be seen of a sentence speaks for its saying the goal
     * @param WeightsOfMany $goals how much its words speak for each goal
     */
    public function __construct(private WordWeights $aim, private WeightsOfMany $goals)
    {
    }

    public function odds(SentenceSpans $sentence): Weighed
    {
        return $sentence->weighed([$this->aim->odds($sentence->shared), ...$this->goals->odds($sentence->shared)]);
    }

    public function weighed(array $sentences, array $read): array
    {
        $goals = array_filter($read, static fn (Candidate $candidate): bool => FactKind::Goal === $candidate->kind);
        $mayHint = \count($sentences) >= self::FEWEST;
        $likeliest = null;
        $highest = self::SAID * self::UNSAID - self::ENOUGH;
        foreach (array_values(array_filter($sentences, $this->mayAim(...))) as $number => $weighed) {
            $said = array_filter($goals, static fn (Candidate $goal): bool => $weighed->sentence->holds($goal));
            foreach ($this->goals->things as $i => $goal) {
                $wording = $this->surest($goal, $said);
                if (null === $wording && (!$mayHint || $weighed->odds[$i + 1] < self::DOUBTFUL || 1 === preg_match(self::AS_IT_IS, $weighed->sentence->text))) {
                    continue;
                }
                $worth = self::SAID * ($wording->certainty ?? self::UNSAID)
                    + self::AIM * max($this->likelihood($weighed->odds[0]), true === $wording?->isPlain() ? self::LEAST_PLAIN : self::LEAST)
                    + (null === $wording ? self::GOAL : self::GOAL_SAID) * $this->likelihood($weighed->odds[$i + 1])
                    - self::AGE * $weighed->sentence->block->age
                    - self::LATER * $number;
                if ($worth > $highest) {
                    [$likeliest, $highest] = [$wording ?? $this->hint($goal, $weighed), $worth];
                }
            }
        }
        if (null === $likeliest) {
            return $read;
        }
        $others = array_map(static fn (Candidate $candidate): Candidate => FactKind::Goal === $candidate->kind ? $candidate->atMost($likeliest->certainty - self::BELOW) : $candidate, array_filter($read, static fn (Candidate $candidate): bool => $candidate !== $likeliest));

        return [...array_values($others), $likeliest];
    }

    private function mayAim(Weighed $weighed): bool
    {
        return $weighed->isTelling() && !\in_array($weighed->sentence->block->kind, [BlockKind::Title, BlockKind::Heading], true);
    }

    /** @param array<Candidate> $said */
    private function surest(string $goal, array $said): ?Candidate
    {
        return array_reduce($said, static fn (?Candidate $surest, Candidate $candidate): ?Candidate => $candidate->value === $goal && $candidate->certainty > ($surest->certainty ?? 0.0) ? $candidate : $surest);
    }

    private function hint(string $goal, Weighed $weighed): Candidate
    {
        $text = $weighed->sentence->text;

        return new Candidate(FactKind::Goal, $goal, $weighed->sentence->start, \strlen(rtrim($text, " \n.")), Span::CERTAINTY, Origin::Inferred, ['wording' => Phrase::tidy($text)]);
    }

    /** @param float $odds as WordWeights has them */
    private function likelihood(float $odds): float
    {
        return max(self::LEAST, -log10(1 + exp(-$odds)));
    }
}

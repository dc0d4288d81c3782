<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Reading\Affinities;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Sentence;

/**
 * The goal where nothing in the brief says it: the one that briefs with such words mostly had. A hint, less sure than
 * what a wish for a feature gives away, and none where the text is short or two goals are about as likely.
 */
final readonly class LearntGoalRecogniser
{
    private const CERTAINTY = 0.4;
    private const FEWEST_WORDS = 40;
    /** How far ahead of the next the likeliest goal has to be, as a logarithm of odds. */
    private const AHEAD = 0.5;

    public function __construct(private Affinities $goals)
    {
    }

    /**
     * @param list<Candidate> $read what else was read
     *
     * @return iterable<Candidate> one at most
     */
    public function recognise(Reading $reading, array $read): iterable
    {
        $isKnown = [] !== array_filter($read, static fn (Candidate $candidate): bool => FactKind::Goal === $candidate->kind);
        if ($isKnown || \count(Affinities::words($reading->text->text)) < self::FEWEST_WORDS) {
            return;
        }
        $odds = $this->goals->of($reading->text->text);
        arsort($odds);
        [$likeliest, $next] = [...array_values($odds), 0.0, 0.0];
        $goal = (string) array_key_first($odds);
        $sentence = $likeliest - $next < self::AHEAD ? null : $this->sentence($reading, $goal);
        if (null !== $sentence) {
            yield new Candidate(FactKind::Goal, $goal, $sentence->start, \strlen(rtrim($sentence->text)), self::CERTAINTY, Origin::Inferred);
        }
    }

    /** The sentence that speaks for it most. */
    private function sentence(Reading $reading, string $goal): ?Sentence
    {
        $best = null;
        $most = 0.0;
        foreach ($reading->sentences as $sentence) {
            $odds = $this->goals->of($sentence->text)[$goal] ?? 0.0;
            if ($odds > $most && $sentence->isSpoken() && !\in_array($sentence->block->kind, [BlockKind::Title, BlockKind::Heading], true)) {
                [$most, $best] = [$odds, $sentence];
            }
        }

        return $best;
    }
}

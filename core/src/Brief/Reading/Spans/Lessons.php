<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\WordList;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Catalogue\Cues;

/**
 * The kinds of fact that labelled briefs taught, in the order in which they are weighed. The odds are chosen so that
 * what is found is right oftener than not, and what is left out hardly ever.
 */
final readonly class Lessons
{
    /** Odds from which on a few words name a thing, and below which what a wording read is none. */
    private const REFUSED = ['enough' => -1.4, 'doubtful' => -5.5];
    private const OFFERED = ['enough' => 0.4, 'doubtful' => -4.4];
    private const ASKED = ['enough' => 2.0, 'doubtful' => -\INF];
    private const SERVED = ['enough' => 0.25, 'doubtful' => -5.0];
    /** Odds from which on words are refused although a wording read a wish in them. */
    private const SURELY_REFUSED = 0.6;
    /** … and are a page although a wording read an offering in them. */
    private const SURELY_ASKED = 3.0;

    /** @param list<Learnt> $learnt in the order in which they are weighed */
    public function __construct(private SpanFinder $finder, private array $learnt)
    {
    }

    public static function of(Catalogue $catalogue): self
    {
        $cues = $catalogue->cues();

        return new self(SpanFinder::with($catalogue), [
            new LearntName($catalogue->weights(FactKind::BusinessName)),
            new LearntAvoided($catalogue->weights(FactKind::AvoidWord)),
            new LearntRefusals(new LearntThings(FactKind::PageRefusal, $catalogue->weights(FactKind::PageRefusal), self::REFUSED, [FactKind::Feature, FactKind::PageRequest, FactKind::AvoidWord], self::SURELY_REFUSED, $cues->willing, mayName: static fn (string $words): bool => 1 !== preg_match($cues->noRefusals, $words)), $cues),
            new LearntThings(FactKind::Offering, $catalogue->weights(FactKind::Offering), self::OFFERED, [FactKind::PageRefusal, FactKind::AreaServed, FactKind::Audience], unless: $cues->nothingOffered, mayName: self::offeringNames($cues, $catalogue->people(), $catalogue->adjectives())),
            new LearntThings(FactKind::PageRequest, $catalogue->weights(FactKind::PageRequest), self::ASKED, [FactKind::PageRefusal, FactKind::Offering, FactKind::Goal], self::SURELY_ASKED, mayName: static fn (string $words): bool => $cues->pageNames->isName($cues->pageNames->bare($words))),
            new LearntThings(FactKind::Audience, $catalogue->weights(FactKind::Audience), self::SERVED, [FactKind::PageRequest, FactKind::PageRefusal]),
            new LearntFeatures($catalogue->featureWeights()),
            new LearntGoal($catalogue->weights(FactKind::Goal), $catalogue->goalWeights()),
            new LearntClaims($catalogue->weights(FactKind::Differentiator)),
            new LikelyClaim($cues, $catalogue->weights(FactKind::Differentiator)),
        ]);
    }

    /**
     * @param string $people     plurals that mean people, as WordList takes them
     * @param string $adjectives which name nothing alone
     *
     * @return \Closure(string): bool whether words may name what is offered
     */
    private static function offeringNames(Cues $cues, string $people, string $adjectives): \Closure
    {
        return static fn (string $words): bool => 1 !== preg_match($cues->notOfferings, $words) && $cues->offeringNames->isName($words) && !WordList::holds($adjectives, mb_strtolower($words)) && !WordList::holds($people, mb_strtolower(substr(strrchr(' '.$words, ' ') ?: '', 1)));
    }

    /**
     * @param list<Candidate> $read what was read so far
     *
     * @return list<Candidate> the same, with what is likely added and what is most unlikely left out
     */
    public function weighed(Reading $reading, array $read): array
    {
        $weighed = array_fill(0, \count($this->learnt), []);
        foreach ($this->finder->in($reading) as $sentence) {
            foreach ($this->learnt as $number => $learnt) {
                $weighed[$number][] = $learnt->odds($sentence);
            }
        }
        foreach ($this->learnt as $number => $learnt) {
            $read = $learnt->weighed($weighed[$number], $read);
        }

        return $read;
    }
}

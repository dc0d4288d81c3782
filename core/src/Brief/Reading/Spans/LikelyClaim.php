<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Brief\Reading\Unexplained;
use DunePocket\Catalogue\Cues;
use DunePocket\Catalogue\WordWeights;
use DunePocket\Language\Typography;

/**
 * What sets them apart where no wording says so: of the sentences in which nothing else was read, the one that most
 * looks like a claim of their own. "A lot of artists trace one picture. I draw from several." One at most, as a hint.
 */
final readonly class LikelyClaim implements Learnt
{
    /** What a sentence that says one of these is about. */
    private const EXPLAINED = [FactKind::SecondaryGoal, FactKind::Feature, FactKind::PageRequest, FactKind::PageRefusal, FactKind::PageCount, FactKind::Tone, FactKind::AvoidWord, FactKind::Keyphrase, FactKind::Deadline, FactKind::Budget, FactKind::DesignNote, FactKind::AdmiredSite, FactKind::Competitor, FactKind::OpeningHours, FactKind::ContactPhone, FactKind::ContactEmail, FactKind::ContactAddress];
    /** Where one of these was read the sentence may say more. */
    private const IN_PART = [FactKind::Offering, FactKind::Audience, FactKind::Goal, FactKind::BusinessName];
    private const PLAIN = 0.8;
    private const CERTAINTY = 0.45;
    private const ENOUGH = 2.0;
    private const ENOUGH_IN_SHORT = 2.5;
    private const OWN = 1.0;
    private const CONTRAST = 2.0;
    private const CONTRAST_NEAR = 1.5;
    private const ACCLAIM = 2.0;
    private const PART = 2.0;
    private const RARE = 1.5;
    private const LEARNT = 0.8;
    /** Odds as WordWeights has them: one sentence in many makes the claim, so that less than even is much. */
    private const USUAL_ODDS = 3.3;
    private const MOST_ODDS = 3.0;
    private const TOPICS = [null, 'business_kind', 'offering', 'person'];
    private const FEWEST_WORDS = 4;
    /** "No. I'd never write it." */
    private const ANSWERS = '/^(?:no|nope|nah|yes|yeah|yep)\b[,.!]/iu';

    public function __construct(private Cues $cues, private WordWeights $weights)
    {
    }

    public function odds(SentenceSpans $sentence): Weighed
    {
        return $sentence->weighed([$this->weights->odds($sentence->shared)]);
    }

    public function weighed(array $sentences, array $read): array
    {
        if ([] !== array_filter($read, static fn (Candidate $candidate): bool => FactKind::Differentiator === $candidate->kind && $candidate->certainty >= self::PLAIN)) {
            return $read;
        }
        $sentences = array_values(array_filter($sentences, static fn (Weighed $weighed): bool => !$weighed->isAsked));
        $unexplained = new Unexplained($this->cues, $read);
        [$likeliest, $highest] = [null, \count($sentences) < self::CONTEXT ? self::ENOUGH_IN_SHORT : self::ENOUGH];
        foreach ($sentences as $i => $weighed) {
            $sentence = $weighed->sentence;
            if (!$this->mayClaim($sentence) || $this->says($sentence, $unexplained, self::EXPLAINED)) {
                continue;
            }
            $score = $this->score($sentence, array_map(fn (int $step): string => $this->beside($sentence, $sentences[$i + $step]->sentence ?? null, $unexplained), [-2 => -2, -1 => -1, 1 => 1, 2 => 2]));
            $score -= $this->says($sentence, $unexplained, self::IN_PART) ? self::PART : 0.0;
            $score += self::LEARNT * max(-self::MOST_ODDS, min(self::MOST_ODDS, $weighed->odds[0] + self::USUAL_ODDS));
            if ($score >= $highest && (null === $likeliest || $score > $highest)) {
                [$likeliest, $highest] = [$sentence, $score];
            }
        }
        if (null === $likeliest) {
            return $read;
        }

        return [...$read, new Candidate(FactKind::Differentiator, Typography::capital(Phrase::tidy($likeliest->text)), $likeliest->start, \strlen(rtrim($likeliest->text, " \n.")), self::CERTAINTY)];
    }

    /** @param list<FactKind> $kinds */
    private function says(Sentence $sentence, Unexplained $unexplained, array $kinds): bool
    {
        return $unexplained->holds($sentence->start, \strlen($sentence->text), $kinds);
    }

    /** @param array<int, string> $beside the sentences of the same block by how far away they stand */
    private function score(Sentence $sentence, array $beside): float
    {
        $holds = static fn (string $pattern, string $text): bool => 1 === preg_match($pattern, $text);

        return ($holds($this->cues->own, $sentence->text) ? self::OWN : 0.0)
            + ($holds($this->cues->rare, $sentence->text) ? self::RARE : 0.0)
            + ($holds($this->cues->acclaim, $sentence->text.' '.$beside[1]) ? self::ACCLAIM : 0.0)
            + match (true) {
                $holds($this->cues->contrast, $beside[-1].' '.$sentence->text.' '.$beside[1]) => self::CONTRAST,
                $holds($this->cues->contrast, $beside[-2].' '.$beside[2]) => self::CONTRAST_NEAR,
                default => 0.0,
            };
    }

    private function mayClaim(Sentence $sentence): bool
    {
        return $sentence->isSpoken()
            && !$sentence->isRefused()
            && 1 !== preg_match(self::ANSWERS, $sentence->text)
            && \in_array($sentence->block->kind, [BlockKind::Paragraph, BlockKind::Answer, BlockKind::Item], true)
            && \in_array($sentence->block->topic, self::TOPICS, true)
            && str_word_count($sentence->text) >= self::FEWEST_WORDS
            && 1 !== preg_match($this->cues->noClaim, $sentence->text)
            && !$this->cues->givenUp->standIn($sentence->text);
    }

    /** What is said beside it, unless that speaks of the site: "book online instead of queueing" is no contrast. */
    private function beside(Sentence $sentence, ?Sentence $other, Unexplained $unexplained): string
    {
        return null !== $other && $other->block === $sentence->block && !$this->says($other, $unexplained, [FactKind::Goal]) ? $other->text : '';
    }
}

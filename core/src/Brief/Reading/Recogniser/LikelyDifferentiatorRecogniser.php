<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser;
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Cues;

/**
 * What sets them apart where no wording says so: a claim of their own beside a word about the others. "A lot of artists
 * trace one picture. I draw from several." One at most, as a hint.
 */
final readonly class LikelyDifferentiatorRecogniser implements Recogniser
{
    private const CERTAINTY = 0.55;
    private const ENOUGH = 3.0;
    private const CLAIM = 1.5;
    private const CONTRAST = 2.0;
    private const CONTRAST_NEAR = 1.5;
    private const PRIDE = 2.0;
    private const TOPICS = [null, 'business_kind', 'offering', 'person'];
    private const FEWEST_WORDS = 4;

    public function __construct(private Cues $cues)
    {
    }

    public function recognise(Reading $reading): iterable
    {
        $best = null;
        foreach ($reading->sentences as $i => $sentence) {
            if (!$this->mayClaim($sentence)) {
                continue;
            }
            $beside = array_map(fn (int $step): string => $this->beside($sentence, $reading->sentences[$i + $step] ?? null), [-2 => -2, -1 => -1, 1 => 1, 2 => 2]);
            $score = self::CLAIM + match (true) {
                1 === preg_match($this->cues->contrast, $beside[-1].' '.$sentence->text.' '.$beside[1]) => self::CONTRAST,
                1 === preg_match($this->cues->contrast, $beside[-2].' '.$beside[2]) => self::CONTRAST_NEAR,
                default => 0.0,
            } + (1 === preg_match($this->cues->pride, $sentence->text.' '.$beside[1]) ? self::PRIDE : 0.0);
            if ($score >= self::ENOUGH && (null === $best || $score > $best[0])) {
                $best = [$score, $sentence];
            }
        }
        if (null !== $best) {
            $value = Phrase::tidy($best[1]->text);
            yield new Candidate(FactKind::Differentiator, mb_strtoupper(mb_substr($value, 0, 1)).mb_substr($value, 1), $best[1]->start, \strlen(rtrim($best[1]->text, " \n.")), self::CERTAINTY);
        }
    }

    private function mayClaim(Sentence $sentence): bool
    {
        return $sentence->isSpoken()
            && !$sentence->isRefused()
            && \in_array($sentence->block->kind, [BlockKind::Paragraph, BlockKind::Answer, BlockKind::Item], true)
            && \in_array($sentence->block->topic, self::TOPICS, true)
            && str_word_count($sentence->text) >= self::FEWEST_WORDS
            && 1 === preg_match($this->cues->claim, $sentence->text)
            && 1 !== preg_match($this->cues->noClaim, $sentence->text);
    }

    private function beside(Sentence $sentence, ?Sentence $other): string
    {
        return null !== $other && $other->block === $sentence->block ? $other->text : '';
    }
}

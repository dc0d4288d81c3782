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
    private const OWN = 1.0;
    private const CONTRAST = 2.0;
    private const CONTRAST_NEAR = 1.5;
    private const ACCLAIM = 2.0;
    private const RARE = 1.5;
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
            $score = $this->score($sentence, array_map(fn (int $step): string => $this->beside($sentence, $reading->sentences[$i + $step] ?? null), [-2 => -2, -1 => -1, 1 => 1, 2 => 2]));
            if ($score >= self::ENOUGH && (null === $best || $score > $best[0])) {
                $best = [$score, $sentence];
            }
        }
        if (null !== $best) {
            $value = Phrase::tidy($best[1]->text);
            yield new Candidate(FactKind::Differentiator, mb_strtoupper(mb_substr($value, 0, 1)).mb_substr($value, 1), $best[1]->start, \strlen(rtrim($best[1]->text, " \n.")), self::CERTAINTY);
        }
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
            && \in_array($sentence->block->kind, [BlockKind::Paragraph, BlockKind::Answer, BlockKind::Item], true)
            && \in_array($sentence->block->topic, self::TOPICS, true)
            && str_word_count($sentence->text) >= self::FEWEST_WORDS
            && 1 !== preg_match($this->cues->noClaim, $sentence->text);
    }

    private function beside(Sentence $sentence, ?Sentence $other): string
    {
        return null !== $other && $other->block === $sentence->block ? $other->text : '';
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Negation;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser;
use DunePocket\Catalogue\Cues;

/** What the site must achieve. A goal needs a wish in its sentence: "the phone rings all day" is none. */
final readonly class GoalRecogniser implements Recogniser
{
    /** Shown and told on the way to what is wanted: they come second in a sentence that names more. */
    private const MEANS = ['reputation', 'information'];

    public function __construct(private Cues $cues, private Negation $negation)
    {
    }

    public function recognise(Reading $reading): iterable
    {
        foreach ($reading->sentences as $sentence) {
            $second = 'secondary_goal' === $sentence->block->topic;
            $asked = $second || 'goal' === $sentence->block->topic;
            if (!$sentence->isSpoken() || BlockKind::Heading === $sentence->block->kind || (null !== $sentence->block->topic && !$asked && !\in_array($sentence->block->topic, ['business_kind', 'feature'], true))) {
                continue;
            }
            if (!$asked && 'feature' !== $sentence->block->topic && 1 !== preg_match($this->cues->wanting, $sentence->text)) {
                continue;
            }
            $certainty = $second ? 0.7 : ($asked ? 0.95 : (1 === preg_match($this->cues->emphasis, $sentence->text) ? 0.93 : 0.75));
            if (!$asked && 1 === preg_match('/\b(?:want|need|goal|aim|like|hope|love|point|purpose)\b/iu', $sentence->text)) {
                $certainty += 0.03;
            }
            $found = [];
            foreach ($this->cues->goals as $goal => $patterns) {
                foreach ($patterns as $pattern) {
                    if (1 === preg_match($pattern, $sentence->text, $m, \PREG_OFFSET_CAPTURE) && !$this->negation->covers($sentence, (int) $m[0][1])) {
                        $found[(int) $m[0][1]] ??= $goal;
                        break;
                    }
                }
            }
            ksort($found);
            $ordered = [...array_diff($found, self::MEANS), ...array_intersect($found, self::MEANS)];
            foreach (array_values(array_unique($ordered)) as $order => $goal) {
                yield new Candidate(
                    FactKind::Goal,
                    $goal,
                    $sentence->start,
                    \strlen(rtrim($sentence->text, " \n.")),
                    max(0.4, $certainty - $order / 50),
                    detail: ['wording' => Phrase::tidy($sentence->text)],
                );
            }
        }
    }
}

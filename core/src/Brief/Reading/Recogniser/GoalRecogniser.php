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
use DunePocket\Brief\Reading\Sentence;
use DunePocket\Catalogue\Cues;
use DunePocket\Catalogue\Wordings;

/** What the site must achieve. A goal needs a wish in its sentence: "the phone rings all day" is none. */
final readonly class GoalRecogniser implements Recogniser
{
    /** Shown and told on the way to what is wanted: they come second in a sentence that names more. */
    private const MEANS = ['reputation', 'information'];

    private const ASKED = 0.95;
    private const AIM = 0.94;
    private const VISITORS = 0.8;
    private const WISH = 0.75;
    private const MEANT_BY_FEATURES = 0.55;
    private const EMPHASIS = 0.1;
    private const BESIDE = '/\b(?:also|as well|would be handy|ideally|maybe|nice to have|add (?:an?|one) (?:[\p{L}-]+ )?page)\b|^(?:then|and then|#?2|plus|oh)\b/iu';
    private const SECONDARY = 0.7;
    /** "Right now everybody calls." */
    private const AS_IT_IS = '/^(?:right now|at the moment|at the minute|currently|at present|until now|so far|today|these days)\b(?!.*\b(?:want|need|like|should|must|so that|instead)\b)/iu';
    private const SECOND = '/^(?:and\s+)?(?:secondary|secondly|second|in second place|less important)\b/iu';

    public function __construct(private Cues $cues, private Negation $negation)
    {
    }

    public function recognise(Reading $reading): iterable
    {
        $standing = $reading->search->holding($this->wordings(), static fn (array $wording): array => [$wording[1]]);
        foreach ($reading->sentences as $i => $sentence) {
            $level = isset($standing[$i]) ? $this->level($reading, $i) : null;
            if (null === $level) {
                continue;
            }
            $certainty = $level + (\in_array($level, [self::VISITORS, self::WISH], true) ? $this->weight($sentence) : 0.0);
            $found = $this->goals($sentence, $standing[$i], $level >= self::VISITORS || 'feature' === $sentence->block->topic);
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

    /** How plainly the sentence speaks of a goal; null when it does not. */
    private function level(Reading $reading, int $number): ?float
    {
        $sentence = $reading->sentences[$number];
        $next = $reading->sentences[$number + 1] ?? null;
        $previous = $reading->sentences[$number - 1] ?? null;
        $says = static fn (Wordings $wordings): bool => $reading->says($number, $wordings);
        $topic = $sentence->block->topic;
        if (!$sentence->isSpoken() || BlockKind::Heading === $sentence->block->kind || !\in_array($topic, [null, 'goal', 'secondary_goal', 'business_kind', 'feature'], true)) {
            return null;
        }
        if ('secondary_goal' === $topic || 1 === preg_match(self::SECOND, $sentence->text)) {
            return self::SECONDARY;
        }
        if ('goal' === $topic) {
            return 1 === preg_match(self::AS_IT_IS, $sentence->text) ? null : self::ASKED;
        }
        if ($says($this->cues->aimBefore) && $says($this->cues->elsewhere)) {
            return null;
        }

        return match (true) {
            $says($this->cues->aim),
            $says($this->cues->aimSaid),
            null !== $previous && $previous->block === $sentence->block && $reading->says($number - 1, $this->cues->aimNext),
            null !== $next && $next->block === $sentence->block && $reading->says($number + 1, $this->cues->aimBefore) && ($says($this->cues->wanting) || $says($this->cues->visitorsDo) || !str_contains($sentence->text, ',')) => self::AIM,
            $says($this->cues->elsewhere) => null,
            $says($this->cues->visitorsDo) => self::VISITORS,
            $says($this->cues->wanting) => self::WISH,
            'feature' === $topic => self::MEANT_BY_FEATURES,
            default => null,
        };
    }

    /** "Above all" lifts a wish, "also" lowers it. */
    private function weight(Sentence $sentence): float
    {
        return match (true) {
            1 === preg_match($this->cues->emphasis, $sentence->text) => self::EMPHASIS,
            1 === preg_match(self::BESIDE, $sentence->text) => -self::EMPHASIS,
            default => 0.0,
        };
    }

    /** @return list<array{string, string, bool}> goal, pattern, whether it is a looser one */
    private function wordings(): array
    {
        $wordings = [];
        foreach ($this->cues->goals as $goal => $patterns) {
            foreach ($patterns as $pattern) {
                $wordings[] = [$goal, $pattern, false];
            }
            foreach ($this->cues->askedGoals[$goal] as $pattern) {
                $wordings[] = [$goal, $pattern, true];
            }
        }

        return $wordings;
    }

    /**
     * @param array<array{string, string, bool}> $wordings that stand in the sentence
     * @param bool                               $loosely  whether looser ones count too
     *
     * @return list<string> in the order of their words; after the words for the aim first
     */
    private function goals(Sentence $sentence, array $wordings, bool $loosely): array
    {
        $aimed = !$this->cues->aimSaid->standIn($sentence->text) && 1 === preg_match($this->cues->aim->any, $sentence->text, $m, \PREG_OFFSET_CAPTURE) ? (int) $m[0][1] : 0;
        $length = \strlen($sentence->text);
        $found = [];
        $known = [];
        foreach ($wordings as [$goal, $pattern, $isLoose]) {
            if (isset($known[$goal]) || ($isLoose && !$loosely)) {
                continue;
            }
            preg_match_all($pattern, $sentence->text, $matches, \PREG_OFFSET_CAPTURE);
            foreach ($matches[0] as [$words, $offset]) {
                if (!$this->negation->covers($sentence, (int) $offset)) {
                    $beforeAim = (int) $offset + \strlen($words) < $aimed;
                    $found[(int) $offset + ($beforeAim ? 2 * $length : 0) + ($isLoose ? $length : 0)] ??= $goal;
                    $known[$goal] = true;
                    break;
                }
            }
        }
        ksort($found);

        return array_values(array_unique($found));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Catalogue\Cues;

/** Refusals that no wording gives away, with the feature that the refused thing is. */
final readonly class LearntRefusals implements Learnt
{
    public function __construct(private LearntThings $things, private Cues $cues)
    {
    }

    public function odds(SentenceSpans $sentence): Weighed
    {
        return $this->things->odds($sentence);
    }

    public function weighed(array $sentences, array $read): array
    {
        $known = array_flip(array_map(spl_object_id(...), $read));
        $weighed = $this->things->weighed(array_values(array_filter($sentences, fn (Weighed $weighed): bool => !$weighed->sentence->isAgreedTo() && !$weighed->sentence->isRemarkOnRefusal() && !$this->cues->answers->isYes($weighed->sentence->text) && !$this->cues->isGivenUp($weighed->sentence->text))), $read);
        $kept = array_flip(array_map(spl_object_id(...), $weighed));
        $listed = array_filter($this->listed($sentences, $read), static fn (Candidate $candidate): bool => !isset($kept[spl_object_id($candidate)]));

        return [...array_map(fn (Candidate $candidate): Candidate => FactKind::PageRefusal !== $candidate->kind || isset($known[spl_object_id($candidate)]) ? $candidate : $this->withFeature($candidate), $weighed), ...array_values($listed)];
    }

    /**
     * What stands as an item where refusals are asked for is refused, however unlikely its words are.
     *
     * @param list<Weighed>   $sentences
     * @param list<Candidate> $read
     *
     * @return list<Candidate>
     */
    private function listed(array $sentences, array $read): array
    {
        $items = array_filter($sentences, static fn (Weighed $weighed): bool => FactKind::PageRefusal->value === $weighed->sentence->block->topic && BlockKind::Item === $weighed->sentence->block->kind);
        $starts = array_flip(array_map(static fn (Weighed $weighed): int => $weighed->sentence->start, $items));

        return array_values(array_filter($read, static fn (Candidate $candidate): bool => FactKind::PageRefusal === $candidate->kind && isset($starts[$candidate->start])));
    }

    private function withFeature(Candidate $refusal): Candidate
    {
        foreach ($this->cues->siteThingsByFeature as [$pattern, $feature]) {
            if (null !== $feature && 1 === preg_match($pattern, $refusal->value)) {
                return new Candidate($refusal->kind, $refusal->value, $refusal->start, $refusal->length, $refusal->certainty, $refusal->origin, ['feature' => $feature]);
            }
        }

        return $refusal;
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Resolving;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;

/** Where something was said plainly, what was only hinted at or concluded adds nothing. */
final readonly class PlainOverHints implements Rule
{
    /** Of what was read twice from the same words, the surer reading counts. */
    private const SAID_ONCE = [FactKind::DesignNote, FactKind::Proof, FactKind::AreaServed, FactKind::ContactAddress, FactKind::Deadline, FactKind::Budget];
    private const HINT = 0.82;
    /** So many pages are the site that is wanted. */
    private const SITE = 4;
    /** How outright somebody else has to be named as whom it is for, where that was asked and answered. */
    private const OUTRIGHT = 0.89;

    public function weigh(Contenders $contenders, Weighing $weighing): Contenders
    {
        foreach ([FactKind::Audience, FactKind::Differentiator] as $kind) {
            $contenders = $contenders->with($kind, $this->withoutHints($weighing->withoutOverlaps($contenders->all($kind))));
        }

        foreach (self::SAID_ONCE as $kind) {
            $contenders = $contenders->with($kind, $weighing->withoutOverlaps($contenders->all($kind)));
        }

        return $contenders
            ->with(FactKind::PageRequest, $this->asListed($contenders->all(FactKind::PageRequest)))
            ->with(FactKind::Audience, $this->asAnswered($contenders->all(FactKind::Audience), $weighing))
            ->with(FactKind::ContactEmail, $this->withoutHints($contenders->all(FactKind::ContactEmail)))
            ->with(FactKind::Tone, $this->withoutConclusions($contenders));
    }

    /**
     * @param list<Candidate> $candidates
     *
     * @return array<Candidate>
     */
    private function withoutHints(array $candidates): array
    {
        $plain = [] !== array_filter($candidates, static fn (Candidate $candidate): bool => $candidate->isPlain());

        return $plain ? array_filter($candidates, static fn (Candidate $candidate): bool => $candidate->certainty >= self::HINT) : $candidates;
    }

    /**
     * A page that is guessed at is none where others were told outright.
     *
     * @param array<Candidate> $pages
     *
     * @return array<Candidate>
     */
    private function asListed(array $pages): array
    {
        $told = array_filter($pages, static fn (Candidate $page): bool => $page->isPlain());

        return \count($told) < self::SITE ? $pages : array_filter($pages, static fn (Candidate $page): bool => $page->certainty >= self::HINT);
    }

    /**
     * "For parents" where they answer for whom it is, and "parents stay in the room" further on.
     *
     * @param array<Candidate> $candidates
     *
     * @return array<Candidate>
     */
    private function asAnswered(array $candidates, Weighing $weighing): array
    {
        return [] === array_filter($candidates, $weighing->isAnswer(...))
            ? $candidates
            : array_filter($candidates, static fn (Candidate $candidate): bool => $candidate->certainty >= self::OUTRIGHT);
    }

    /** @return array<Candidate> the tones asked for; what a sample of the client's writing says is not said of the site, and a word to avoid asks for none */
    private function withoutConclusions(Contenders $contenders): array
    {
        $tones = array_filter($contenders->all(FactKind::Tone), static fn (Candidate $tone): bool => $tone->isInferred() || (!$contenders->overlap(FactKind::VoiceSample, $tone) && !$contenders->overlap(FactKind::AvoidWord, $tone)));
        $stated = array_filter($tones, static fn (Candidate $tone): bool => !$tone->isInferred());

        return [] === $stated ? $tones : $stated;
    }
}

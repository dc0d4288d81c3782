<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Resolving;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Places;

/** A refusal wins over a request of the same name, unless the request came in a later message. */
final readonly class Refusals implements Rule
{
    private const SAID_OUTRIGHT = 0.95;
    private const GUESS = 0.6;
    /** In bytes. */
    private const BESIDE = 40;

    public function weigh(Contenders $contenders, Weighing $weighing): Contenders
    {
        $wishes = [...$contenders->all(FactKind::Feature), ...$contenders->all(FactKind::PageRequest)];
        $youngest = $this->youngest($wishes, $weighing);
        $told = $this->youngest(array_filter($wishes, static fn (Candidate $wish): bool => $wish->isPlain()), $weighing);
        $refused = [];
        $before = $contenders->all(FactKind::PageRefusal);
        $places = new Places();
        foreach ($before as $number => $refusal) {
            $overlaps = array_filter($places->near($refusal), static fn (int $near): bool => $before[$near]->overlaps($refusal));
            if ([] === $overlaps && !$this->isWord($refusal, $contenders) && !$this->isToldBeside($refusal, $refused) && !$this->isTakenBack($refusal, $youngest, $weighing) && !$this->isGuessAgainst($refusal, $told, $weighing)) {
                $refused[] = $refusal;
            }
            $places->put($number, $refusal);
        }
        $names = array_map(static fn (Candidate $refusal): string => $refusal->key(), $refused);
        $features = array_map(static fn (Candidate $refusal): mixed => $refusal->detail['feature'] ?? null, $refused);
        $isWanted = static fn (Candidate $wish): bool => !\in_array($wish->key(), $names, true);
        // "Click and collect isn't for us" wishes for no shop.
        $isSaidNo = static fn (Candidate $wish): bool => [] !== array_filter($refused, $wish->liesIn(...));
        $contenders = $contenders
            ->with(FactKind::PageRefusal, $refused)
            ->only(FactKind::Offering, $isWanted)
            ->only(FactKind::PageRequest, $isWanted)
            ->only(FactKind::Feature, static fn (Candidate $feature): bool => $isWanted($feature) && !\in_array($feature->value, $features, true) && !$isSaidNo($feature));

        return $contenders->with(FactKind::PageRequest, $weighing->withoutOverlaps($contenders->all(FactKind::PageRequest)));
    }

    /**
     * "A booking system, so they can pick a slot" refuses one feature in two wordings.
     *
     * @param list<Candidate> $refused
     */
    private function isToldBeside(Candidate $refusal, array $refused): bool
    {
        $feature = $refusal->detail['feature'] ?? null;

        return null !== $feature && $refusal->certainty < self::SAID_OUTRIGHT && [] !== array_filter($refused, static fn (Candidate $known): bool => $feature === ($known->detail['feature'] ?? null) && abs($known->start - $refusal->start) < self::BESIDE);
    }

    /**
     * @param array<Candidate> $wishes
     *
     * @return array<string, int> the age of the newest message that wishes for it, by its key and by its value
     */
    private function youngest(array $wishes, Weighing $weighing): array
    {
        $youngest = [];
        foreach ($wishes as $wish) {
            foreach ([$wish->key(), $wish->value] as $name) {
                $youngest[$name] = min($youngest[$name] ?? \PHP_INT_MAX, $weighing->age($wish));
            }
        }

        return $youngest;
    }

    /** "Avoid solutions.": a word that is not to be said, unless a site could have the thing. */
    private function isWord(Candidate $refusal, Contenders $contenders): bool
    {
        return !isset($refusal->detail['feature']) && $contenders->overlap(FactKind::AvoidWord, $refusal);
    }

    /**
     * A refusal that is guessed at takes nothing from what is asked for outright.
     *
     * @param array<string, int> $told as above
     */
    private function isGuessAgainst(Candidate $refusal, array $told, Weighing $weighing): bool
    {
        return $refusal->certainty <= self::GUESS && ($told[$refusal->key()] ?? \PHP_INT_MAX) <= $weighing->age($refusal);
    }

    /** @param array<string, int> $youngest as above */
    private function isTakenBack(Candidate $refusal, array $youngest, Weighing $weighing): bool
    {
        $feature = $refusal->detail['feature'] ?? null;
        $wished = min($youngest[$refusal->key()] ?? \PHP_INT_MAX, \is_string($feature) ? $youngest[$feature] ?? \PHP_INT_MAX : \PHP_INT_MAX);

        return $wished < $weighing->age($refusal);
    }
}

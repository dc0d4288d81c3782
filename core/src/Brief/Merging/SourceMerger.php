<?php

declare(strict_types=1);

namespace DunePocket\Brief\Merging;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Reading\BriefReader;
use DunePocket\Brief\Source;
use DunePocket\Catalogue\Catalogue;

/**
 * Holds what a new source says against what is known: what it adds, what it changes, what it contradicts.
 * What a client says later wins over what was said before; what the designer entered is never called wrong in silence.
 */
final readonly class SourceMerger
{
    private const LATER_WINS = 'The client said this later; accepted, it wins.';
    private const ENTERED = 'You entered the other yourself; accept this only if the client is right.';
    private const ELSEWHERE = 'This is how “%s” has it; accept it only if that still holds.';
    private const STATED_WINS = 'Said plainly, where the other was concluded from a hint.';

    private BriefReader $reader;
    private Sameness $sameness;

    public function __construct(Catalogue $catalogue)
    {
        $this->reader = new BriefReader($catalogue);
        $this->sameness = new Sameness($catalogue->pageKinds());
    }

    /** @return list<Proposal> what a source would change, in the order of the fact sheet */
    public function propose(Brief $brief, Source $source): array
    {
        return $this->weighed($brief, $this->reader->facts($source, (int) substr($brief->nextFactId(), 1)));
    }

    /** @return list<Proposal> what the facts of another project would change, in the order of the fact sheet */
    public function proposeFrom(Brief $brief, Brief $other, string $project): array
    {
        return $this->weighed($brief, KnownElsewhere::facts($other, $project, (int) substr($brief->nextFactId(), 1)));
    }

    /**
     * @param list<Fact> $facts
     *
     * @return list<Proposal>
     */
    private function weighed(Brief $brief, array $facts): array
    {
        $proposals = [];
        foreach ($facts as $fact) {
            $proposal = $this->weigh($brief, $fact);
            if (null !== $proposal) {
                $proposals[] = $proposal;
            }
        }

        return $proposals;
    }

    private function weigh(Brief $brief, Fact $fact): ?Proposal
    {
        foreach ([...$brief->facts, ...$brief->struck] as $known) {
            if (null === $known->detail(Fact::OVERRULED) && $this->sameness->isRepeated($known, $fact)) {
                return null;
            }
        }
        $opposite = $this->sameness->opposites($fact, $brief->facts);
        if ([] !== $opposite) {
            return new Proposal(Effect::Contradicts, $fact, $opposite, $this->rule($opposite[0], $fact));
        }
        $other = $fact->kind->isSingle() ? $brief->of($fact->kind) : [];
        if ([] === $other) {
            return new Proposal(Effect::Adds, $fact);
        }
        if ($fact->isDoubtful() && !$other[0]->isDoubtful()) {
            return null;
        }

        return new Proposal(Effect::Changes, $fact, $other, $this->rule($other[0], $fact));
    }

    private function rule(Fact $known, Fact $fact): string
    {
        return match (true) {
            Origin::Entered === $known->origin => self::ENTERED,
            null !== $fact->detail(Fact::FROM) => \sprintf(self::ELSEWHERE, $fact->detail(Fact::FROM)),
            Origin::Inferred === $known->origin && Origin::Stated === $fact->origin => self::STATED_WINS,
            default => self::LATER_WINS,
        };
    }
}

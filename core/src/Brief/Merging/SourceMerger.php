<?php

declare(strict_types=1);

namespace DunePocket\Brief\Merging;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Reading\BriefReader;
use DunePocket\Brief\Source;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Catalogue\PageKinds;

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
    private const OPPOSITES = [
        'page_refusal' => [FactKind::PageRequest, FactKind::Feature],
        'page_request' => [FactKind::PageRefusal],
        'feature' => [FactKind::PageRefusal],
    ];

    private BriefReader $reader;
    private PageKinds $pages;

    public function __construct(Catalogue $catalogue)
    {
        $this->reader = new BriefReader($catalogue);
        $this->pages = $catalogue->pageKinds();
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
            if ($known->kind === $fact->kind && $this->key($known) === $this->key($fact)) {
                return null;
            }
        }
        $opposite = array_values(array_filter($brief->facts, fn (Fact $known): bool => \in_array($known->kind, self::OPPOSITES[$fact->kind->value] ?? [], true) && $this->meansTheSame($known, $fact)));
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

    private function meansTheSame(Fact $a, Fact $b): bool
    {
        if ($this->key($a) === $this->key($b)) {
            return true;
        }
        $features = array_filter([$this->feature($a), $this->feature($b)]);
        if (2 === \count($features) && 1 === \count(array_unique($features))) {
            return true;
        }
        $kinds = array_filter([$this->pages->named($a->value), $this->pages->named($b->value)]);

        return 2 === \count($kinds) && 1 === \count(array_unique($kinds));
    }

    private function feature(Fact $fact): ?string
    {
        return FactKind::Feature === $fact->kind ? $fact->value : $fact->detail('feature');
    }

    private function key(Fact $fact): string
    {
        $key = mb_strtolower(preg_replace('/^(?:the|our|an?)\s+|[^\p{L}\d]+(?:pages?)?$/iu', '', $fact->value) ?? $fact->value);
        if (FactKind::ContactPhone === $fact->kind) {
            return $fact->detail('e164') ?? preg_replace('/\D/', '', $key) ?? $key;
        }

        return preg_replace('/(?<=\p{L}{3})s\b/u', '', $key) ?? $key;
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Resolving;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;

/**
 * What a source says as plainly as the fact that stands, and against it: "six pages" and later "eight", a shop that is
 * asked for in one place and refused in another. It counts for nothing but is kept, with the rule that chose the other.
 */
final readonly class Contradictions
{
    private const WISHES = [FactKind::Feature, FactKind::PageRequest];
    private const LATER = 'A later message says otherwise.';
    private const SURER = 'It is said more plainly elsewhere.';
    private const FIRST = 'What was said first stands.';
    private const REFUSED = 'Where a thing is asked for and refused, the refusal stands.';

    /** @var array<string, non-empty-list<Candidate>> what stands, by its kind and each of its names */
    private array $standing;

    public function __construct(private Contenders $before, private Contenders $after, private Weighing $weighing)
    {
        $standing = [];
        foreach ([...self::WISHES, FactKind::PageRefusal] as $kind) {
            foreach ($after->all($kind) as $candidate) {
                foreach ($this->names($candidate) as $name) {
                    $standing["$kind->value $name"][] = $candidate;
                }
            }
        }
        $this->standing = $standing;
    }

    /** @return list<Candidate> those that lost, each once, with the rule as its detail */
    public function lost(): array
    {
        $lost = [];
        $number = $this->after->first(FactKind::PageCount);
        foreach ($this->before->all(FactKind::PageCount) as $other) {
            $lost[] = null === $number || $other->value === $number->value || $other->overlaps($number) ? null : $this->beaten($other, $number);
        }
        foreach (self::WISHES as $kind) {
            foreach ($this->before->all($kind) as $wish) {
                $lost[] = $this->againstIt($wish, FactKind::PageRefusal, self::REFUSED);
            }
        }
        foreach ($this->before->all(FactKind::PageRefusal) as $refusal) {
            $lost[] = $this->againstIt($refusal, FactKind::PageRequest, self::LATER) ?? $this->againstIt($refusal, FactKind::Feature, self::LATER);
        }
        $once = [];
        foreach (array_filter($lost) as $candidate) {
            $once[$candidate->kind->value.' '.$candidate->key()] ??= $candidate;
        }

        return array_values($once);
    }

    private function beaten(Candidate $other, Candidate $winner): ?Candidate
    {
        $rule = match (true) {
            $this->weighing->age($other) > $this->weighing->age($winner) => self::LATER,
            $other->certainty < $winner->certainty => self::SURER,
            default => self::FIRST,
        };

        return $other->isPlain() && !$other->isInferred() && $winner->isPlain() ? $other->withDetail(Fact::OVERRULED, $rule) : null;
    }

    private function againstIt(Candidate $said, FactKind $opposite, string $rule): ?Candidate
    {
        if (!$said->isPlain() || $said->isInferred() || $this->stands($said)) {
            return null;
        }
        $same = array_merge(...array_map(fn (string $name): array => $this->standing["$opposite->value $name"] ?? [], $this->names($said)));
        $against = array_filter($same, static fn (Candidate $other): bool => $other->isPlain());
        $beside = array_filter($against, fn (Candidate $other): bool => $this->weighing->areInOneBlock($other, $said));
        $first = reset($against);

        return false === $first || [] !== $beside ? null : $said->withDetail(Fact::OVERRULED, $this->weighing->age($said) > $this->weighing->age($first) ? self::LATER : $rule);
    }

    private function stands(Candidate $said): bool
    {
        return isset($this->standing[$said->kind->value.' '.$said->key()])
            || [] !== array_filter($this->after->all($said->kind), static fn (Candidate $other): bool => $other->overlaps($said));
    }

    /** @return list<string> the words it is called by, and the feature it is */
    private function names(Candidate $candidate): array
    {
        $feature = FactKind::Feature === $candidate->kind ? $candidate->value : $candidate->detail['feature'] ?? null;

        return \is_string($feature) ? [$candidate->key(), "feature $feature"] : [$candidate->key()];
    }
}

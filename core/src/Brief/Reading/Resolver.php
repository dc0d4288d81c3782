<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Resolving\Aims;
use DunePocket\Brief\Reading\Resolving\Contenders;
use DunePocket\Brief\Reading\Resolving\Contradictions;
use DunePocket\Brief\Reading\Resolving\FactWriter;
use DunePocket\Brief\Reading\Resolving\ListedAnew;
use DunePocket\Brief\Reading\Resolving\Offerings;
use DunePocket\Brief\Reading\Resolving\OneName;
use DunePocket\Brief\Reading\Resolving\OneOfAKind;
use DunePocket\Brief\Reading\Resolving\OthersApart;
use DunePocket\Brief\Reading\Resolving\PageNames;
use DunePocket\Brief\Reading\Resolving\PlaceBesideName;
use DunePocket\Brief\Reading\Resolving\PlainOverHints;
use DunePocket\Brief\Reading\Resolving\Refusals;
use DunePocket\Brief\Reading\Resolving\Repetitions;
use DunePocket\Brief\Reading\Resolving\Rule;
use DunePocket\Brief\Reading\Resolving\Weighing;
use DunePocket\Brief\Source;

/** Weighs the candidates of a source against each other and turns the winners into facts. */
final readonly class Resolver
{
    private const LONGEST_VALUE = 200;

    /** @var list<Rule> in the order in which they are applied */
    private array $rules;

    public function __construct()
    {
        $this->rules = [new ListedAnew(), new OthersApart(), new PageNames(), new Repetitions(), new OneName(), new OneOfAKind(), new PlainOverHints(), new PlaceBesideName(), new Aims(), new Refusals(), new Offerings()];
    }

    /**
     * @param list<Candidate> $candidates
     *
     * @return array{list<Fact>, list<Fact>} the facts in the order of the closed list, then of reading, numbered from
     *                                       $nextNumber; and what is said as plainly against one of them
     */
    public function resolve(Source $source, Reading $reading, array $candidates, int $nextNumber = 1): array
    {
        $candidates = array_filter($candidates, static fn (Candidate $candidate): bool => '' !== trim($candidate->value) && mb_strlen($candidate->value) <= self::LONGEST_VALUE);
        usort($candidates, static fn (Candidate $a, Candidate $b): int => $a->start <=> $b->start ?: $b->certainty <=> $a->certainty);
        $contenders = Contenders::of($candidates);
        $weighing = new Weighing($reading->blocks);
        $said = $contenders;
        foreach ($this->rules as $rule) {
            $contenders = $rule->weigh($contenders, $weighing);
        }
        $writer = new FactWriter($source, $reading->text);
        $facts = [];
        foreach (FactKind::cases() as $kind) {
            foreach ($contenders->all($kind) as $candidate) {
                $facts[] = $writer->fact($candidate, 'f'.($nextNumber + \count($facts)));
            }
        }
        $lost = (new Contradictions($said, $contenders, $weighing))->lost();

        return [$facts, array_map(static fn (Candidate $candidate, int $i): Fact => $writer->fact($candidate, 'f'.($nextNumber + \count($facts) + $i)), $lost, array_keys($lost))];
    }
}

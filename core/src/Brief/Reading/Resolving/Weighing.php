<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Resolving;

use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Places;

/** Says which of several candidates counts more. */
final readonly class Weighing
{
    private const COST_OF_AGE = 0.05;

    /** @param list<Block> $blocks of the source, which know from which message they are */
    public function __construct(private array $blocks)
    {
    }

    /** 0 in the newest message of a thread. */
    public function age(Candidate $candidate): int
    {
        return $this->block($candidate)->age ?? 0;
    }

    /** Whether it stands where it was asked for. */
    public function isAnswer(Candidate $candidate): bool
    {
        return $this->block($candidate)?->topic === $candidate->kind->value;
    }

    /** Whether both are said in one paragraph, item or answer. */
    public function areInOneBlock(Candidate $one, Candidate $other): bool
    {
        return $this->block($one) === $this->block($other);
    }

    private function block(Candidate $candidate): ?Block
    {
        [$low, $high] = [0, \count($this->blocks) - 1];
        while ($low < $high) {
            $middle = intdiv($low + $high + 1, 2);
            [$low, $high] = $this->blocks[$middle]->start <= $candidate->start ? [$middle, $high] : [$low, $middle - 1];
        }
        $block = $this->blocks[$low] ?? null;

        return null !== $block && $candidate->start >= $block->start && $candidate->start <= $block->start + \strlen($block->text) ? $block : null;
    }

    /**
     * What was stated comes before what was hinted at. Of what was stated, the later message comes first; of what was
     * hinted at, the surer, to which being older costs a little.
     *
     * @param list<Candidate> $candidates
     *
     * @return list<Candidate>
     */
    public function surestFirst(array $candidates): array
    {
        usort($candidates, fn (Candidate $a, Candidate $b): int => ($b->isPlain() <=> $a->isPlain()) ?: $this->place($a) <=> $this->place($b) ?: $b->certainty <=> $a->certainty ?: $a->start <=> $b->start);

        return $candidates;
    }

    private function place(Candidate $candidate): float
    {
        $age = $this->age($candidate);

        return $candidate->isPlain() ? $age : $age * self::COST_OF_AGE - $candidate->certainty;
    }

    /**
     * Of those that speak of the same words, the surest.
     *
     * @param list<Candidate> $candidates
     *
     * @return list<Candidate>
     */
    public function withoutOverlaps(array $candidates): array
    {
        /** @var list<Candidate> $kept */
        $kept = [];
        $places = new Places();
        foreach ($candidates as $candidate) {
            $number = \count($kept);
            foreach ($places->near($candidate) as $near) {
                if ($kept[$near]->overlaps($candidate)) {
                    $candidate = $kept[$near]->certainty >= $candidate->certainty ? $kept[$near] : $candidate;
                    $number = $near;
                    break;
                }
            }
            $kept[$number] = $candidate;
            $places->put($number, $candidate);
        }

        return array_values($kept);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Resolving;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Reading\Candidate;

/** One goal, up to three aims beside it; who states none and asks for an online shop wants to sell. */
final readonly class Aims implements Rule
{
    private const BESIDE = 3;
    /** Less than that, the wish for a feature is all there is: it makes no second aim. */
    private const SECOND_AIM = 0.6;
    private const CONCLUDED = 0.45;
    private const BEHIND = ['booking' => 'bookings', 'shop' => 'sales', 'donations' => 'donations', 'quote-form' => 'leads', 'contact-form' => 'leads', 'portfolio' => 'reputation', 'members-area' => 'signups'];

    public function weigh(Contenders $contenders, Weighing $weighing): Contenders
    {
        $goals = $weighing->surestFirst($contenders->all(FactKind::Goal));
        $behind = [] === $goals || $goals[0]->certainty < self::CONCLUDED ? $this->behind($contenders->all(FactKind::Feature)) : [];
        if ([] === $goals || [] !== $behind) {
            return $contenders->with(FactKind::Goal, $behind);
        }
        $second = array_filter(\array_slice($goals, 1), static fn (Candidate $goal): bool => $goal->certainty >= self::SECOND_AIM);
        $beside = array_map(static fn (Candidate $goal): Candidate => $goal->as(FactKind::SecondaryGoal), \array_slice($second, 0, self::BESIDE));

        return $contenders
            ->with(FactKind::Goal, [$goals[0]])
            ->with(FactKind::SecondaryGoal, [] === $beside ? $contenders->all(FactKind::SecondaryGoal) : $beside);
    }

    /**
     * @param list<Candidate> $features
     *
     * @return list<Candidate>
     */
    private function behind(array $features): array
    {
        foreach ($features as $feature) {
            $goal = Origin::Stated === $feature->origin ? self::BEHIND[$feature->value] ?? null : null;
            if (null !== $goal) {
                return [new Candidate(FactKind::Goal, $goal, $feature->start, $feature->length, self::CONCLUDED, Origin::Inferred)];
            }
        }

        return [];
    }
}

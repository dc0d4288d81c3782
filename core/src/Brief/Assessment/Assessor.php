<?php

declare(strict_types=1);

namespace DunePocket\Brief\Assessment;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Profile;
use DunePocket\Catalogue\BusinessKind;
use DunePocket\Catalogue\Catalogue;
use DunePocket\Catalogue\Goal;
use DunePocket\Catalogue\QuestionTemplate;
use DunePocket\Language\Typography;

/**
 * What the brief leaves open, and how far it goes.
 *
 * Each question of the catalogue carries points; the score is their sum over the questions the facts answer.
 * A question is answered by facts, never by length. A fact concluded from one hint counts half.
 */
final readonly class Assessor
{
    /** Under this score a plan stands on guesses, and says so. */
    private const THIN = 50;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @return list<Question> most valuable first */
    public function questions(Brief $brief): array
    {
        $open = [];
        $business = (new Profile($brief, $this->catalogue))->kind;
        foreach ($this->catalogue->questions() as $template) {
            $missing = $template->points - $this->earned($template, $brief);
            if ($missing > 0 && !\in_array($template->id, $brief->skipped, true)) {
                $open[] = new Question('q-'.$template->id, $template->kind, $template->text, $template->ask, $template->hint, $template->effect, $missing, $this->suggestions($template, $business));
            }
        }
        usort($open, static fn (Question $a, Question $b): int => $b->points <=> $a->points);

        return $open;
    }

    public function score(Brief $brief): Score
    {
        $parts = [];
        foreach ($this->catalogue->questions() as $template) {
            $parts[$template->part] ??= ['name' => $template->part, 'points' => 0, 'of' => 0];
            $parts[$template->part]['points'] += $this->earned($template, $brief);
            $parts[$template->part]['of'] += $template->points;
        }

        return new Score(array_sum(array_column($parts, 'points')), array_values($parts));
    }

    /** @return list<string> what a plan has to suppose of a thin brief, as sentences without a full stop; none when the brief goes far enough */
    public function guesses(Brief $brief): array
    {
        if ($this->score($brief)->total >= self::THIN) {
            return [];
        }
        $profile = new Profile($brief, $this->catalogue);
        $words = ['{kind}' => Typography::withArticle($profile->kind->label), '{customers}' => $profile->kind->customers, '{offerings}' => $profile->kind->offerings, '{goal}' => $this->catalogue->goals()[$profile->goal]->noun];
        $guesses = [];
        foreach ($this->catalogue->questions() as $template) {
            if (null !== $template->guess && $this->earned($template, $brief) < $template->points) {
                $guesses[] = strtr($template->guess, $words);
            }
        }

        return $guesses;
    }

    private function earned(QuestionTemplate $template, Brief $brief): int
    {
        $facts = array_values(array_filter($brief->of($template->kind), static fn (Fact $fact): bool => !$fact->isDefault()));
        if (FactKind::Location === $template->kind) {
            $facts = [...$facts, ...$brief->of(FactKind::AreaServed), ...$brief->of(FactKind::ContactAddress)];
        }
        if (FactKind::Price === $template->kind) {
            $facts = [...$facts, ...array_filter($brief->of(FactKind::Offering), static fn ($fact): bool => null !== $fact->detail('price'))];
        }
        if (FactKind::Proof === $template->kind) {
            $facts = [...$facts, ...$brief->of(FactKind::Founded)];
        }
        if (\count($facts) < $template->enough) {
            return 0;
        }
        $sure = array_filter($facts, static fn (Fact $fact): bool => !$fact->isDoubtful());

        return [] === $sure ? intdiv($template->points, 2) : $template->points;
    }

    /** @return list<array{value: string, label: string}> */
    private function suggestions(QuestionTemplate $template, BusinessKind $business): array
    {
        return match ($template->suggest) {
            'goals' => array_map(static fn (Goal $goal): array => ['value' => $goal->id, 'label' => $goal->label], \array_slice($this->goals($business), 0, 6)),
            'pages' => array_map(fn (string $kind): array => ['value' => $this->catalogue->pageKinds()->get($kind)->title, 'label' => $this->catalogue->pageKinds()->get($kind)->title], $business->pages),
            'tones' => array_map(static fn (string $tone): array => ['value' => $tone, 'label' => ucfirst($tone)], $this->catalogue->tones()),
            default => [],
        };
    }

    /** @return list<Goal> the usual one of the kind of business first */
    private function goals(BusinessKind $business): array
    {
        $goals = array_values($this->catalogue->goals());
        usort($goals, static fn (Goal $a, Goal $b): int => ($b->id === $business->goal) <=> ($a->id === $business->goal));

        return $goals;
    }
}

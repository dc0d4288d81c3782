<?php

declare(strict_types=1);

namespace DunePocket\Brief\Assessment;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Profile;
use DunePocket\Catalogue\BusinessKind;
use DunePocket\Catalogue\Catalogue;
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

    /** @return list<Question> most valuable first, those without points last */
    public function questions(Brief $brief): array
    {
        $suggestions = new Suggestions($this->catalogue, $brief);
        $business = (new Profile($brief, $this->catalogue))->kind;
        $open = [];
        $asked = [];
        foreach ($this->catalogue->questions() as $template) {
            $isOpen = 0 === $template->points ? $this->isUnknown($template, $brief, $business) : $this->earned($template, $brief) < $template->points;
            if (!$isOpen) {
                continue;
            }
            $asked[] = $template->kind;
            $guessed = array_values(array_filter($brief->of($template->kind), static fn (Fact $fact): bool => $fact->isDoubtful()));
            $question = new Question('q-'.$template->id, $template->kind, $template->text, $template->ask, $template->hint, $this->effect($template, $guessed), $template->points - $this->earned($template, $brief), $suggestions->for($template, $guessed));
            if (!$question->isAmong($brief->skipped)) {
                $open[] = $question;
            }
        }
        usort($open, static fn (Question $a, Question $b): int => $b->points <=> $a->points);
        $worth = array_values(array_filter($open, static fn (Question $question): bool => $question->points > 0));

        return [...$worth, ...(new Doubts($this->catalogue))->questions($brief, $asked), ...\array_slice($open, \count($worth))];
    }

    /** @return list<Question> those that the designer set aside and that are still open */
    public function skipped(Brief $brief): array
    {
        return [] === $brief->skipped ? [] : array_values(array_filter($this->questions($brief->withSkipped([])), static fn (Question $question): bool => $question->isAmong($brief->skipped)));
    }

    private function isUnknown(QuestionTemplate $template, Brief $brief, BusinessKind $business): bool
    {
        return [] === $brief->of($template->kind) && (!$template->visited || $business->place);
    }

    /** @param list<Fact> $guessed */
    private function effect(QuestionTemplate $template, array $guessed): string
    {
        return [] === $guessed ? $template->effect : 'So far only a guess. '.$template->effect;
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
}

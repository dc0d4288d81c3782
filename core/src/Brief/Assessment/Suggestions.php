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

/** Answers that a business of this kind is likely to give; what the brief hints at comes first. */
final readonly class Suggestions
{
    private const MOST_GOALS = 6;
    private const MOST_PHRASES = 4;

    private BusinessKind $business;

    public function __construct(private Catalogue $catalogue, private Brief $brief)
    {
        $this->business = (new Profile($brief, $catalogue))->kind;
    }

    /**
     * @param list<Fact> $guessed what the brief hints at
     *
     * @return list<array{value: string, label: string}> none twice, and nothing that is known for sure
     */
    public function for(QuestionTemplate $template, array $guessed): array
    {
        $hinted = array_map(fn (Fact $fact): array => ['value' => $fact->value, 'label' => $this->label($fact)], $guessed);
        $usual = match ($template->suggest) {
            'goals' => array_map(static fn (Goal $goal): array => ['value' => $goal->id, 'label' => $goal->label], \array_slice($this->goals(), 0, self::MOST_GOALS)),
            'pages' => $this->same(array_map(fn (string $kind): string => $this->catalogue->pageKinds()->get($kind)->title, $this->business->pages)),
            'tones' => array_map(static fn (string $tone): array => ['value' => $tone, 'label' => ucfirst($tone)], $this->catalogue->tones()),
            'phrases' => $this->same($this->phrases()),
            'usual' => $this->same($this->catalogue->usualAnswers($this->business, $template->kind)),
            default => [],
        };
        $seen = array_map(static fn (Fact $fact): string => mb_strtolower($fact->value), array_filter($this->brief->of($template->kind), static fn (Fact $fact): bool => !$fact->isDoubtful()));
        $suggestions = [];
        foreach ([...$hinted, ...$usual] as $suggestion) {
            $key = mb_strtolower($suggestion['value']);
            if (!\in_array($key, $seen, true)) {
                $suggestions[] = $suggestion;
                $seen[] = $key;
            }
        }

        return $suggestions;
    }

    /**
     * What people type who look for such a business there.
     *
     * @return list<string>
     */
    private function phrases(): array
    {
        $place = $this->brief->first(FactKind::Location) ?? $this->brief->first(FactKind::AreaServed);
        $kind = $this->brief->first(FactKind::BusinessKind);
        $sought = [...null === $kind ? [] : [$kind->value], ...array_map(static fn (Fact $fact): string => $fact->value, $this->brief->of(FactKind::Offering))];

        return null === $place ? [] : array_map(static fn (string $thing): string => mb_strtolower($thing.' '.preg_replace('/,.*/u', '', $place->value)), \array_slice($sought, 0, self::MOST_PHRASES));
    }

    /** @return list<Goal> the usual one of the kind of business first */
    private function goals(): array
    {
        $goals = array_values($this->catalogue->goals());
        usort($goals, fn (Goal $a, Goal $b): int => ($b->id === $this->business->goal) <=> ($a->id === $this->business->goal));

        return $goals;
    }

    private function label(Fact $fact): string
    {
        return FactKind::Goal === $fact->kind ? $this->catalogue->goals()[$fact->value]->label ?? $fact->value : ucfirst($fact->value);
    }

    /**
     * @param list<string> $words
     *
     * @return list<array{value: string, label: string}>
     */
    private function same(array $words): array
    {
        return array_map(static fn (string $word): array => ['value' => $word, 'label' => $word], $words);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Plan\Planning;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Profile;
use DunePocket\Catalogue\RecipeEntry;
use DunePocket\Data\InvalidData;

/** Decides the conditions of a recipe: "fact:proof and no-page:faq". */
final readonly class Conditions
{
    /** The pages that take up the usual questions, the best place first: common practice. */
    private const PLACES_FOR_QUESTIONS = ['faq', 'home', 'pricing', 'membership', 'services', 'products', 'booking', 'location', 'contact', 'areas', 'donate'];

    /** @param list<string> $pageKinds planned */
    public function __construct(private Profile $profile, private array $pageKinds)
    {
    }

    /**
     * @param string $conditions none hold always
     *
     * @throws InvalidData when the catalogue holds a condition that does not exist
     */
    public function hold(string $conditions, PageDraft $page): bool
    {
        foreach ('' === $conditions ? [] : explode(' and ', $conditions) as $condition) {
            if (!$this->holds(trim($condition), $page)) {
                return false;
            }
        }

        return true;
    }

    private function holds(string $condition, PageDraft $page): bool
    {
        if (str_starts_with($condition, 'no-')) {
            return !$this->holds(substr($condition, 3), $page);
        }
        [$what, $which] = [...explode(':', $condition, 2), ''];

        return match ($what) {
            'offerings' => \count($this->profile->offerings) >= (int) $which,
            'fact' => 'price' === $which ? $this->profile->hasPrices() : $this->profile->has(FactKind::from($which)),
            'feature' => $this->profile->wants($which) || \in_array($which, $this->profile->kind->features, true),
            'goal' => $this->profile->goal === $which,
            'page' => \in_array($which, $this->pageKinds, true),
            'subject' => null !== $page->subject?->detail($which),
            'siblings' => \count($this->profile->offerings) > 1,
            'place' => $this->profile->kind->place || $this->profile->has(FactKind::OpeningHours),
            'steps' => [] !== $this->profile->kind->steps,
            'questions' => [] !== $this->profile->kind->questions && $page->kind === $this->placeForQuestions(),
            default => throw new InvalidData("The catalogue holds an unknown condition: $condition."),
        };
    }

    private function placeForQuestions(): ?string
    {
        foreach (self::PLACES_FOR_QUESTIONS as $kind) {
            if ('home' === $kind ? $this->homeAnswers() : \in_array($kind, $this->pageKinds, true)) {
                return $kind;
            }
        }

        return null;
    }

    private function homeAnswers(): bool
    {
        return [] !== array_filter($this->profile->kind->home, static fn (string $entry): bool => 'faq' === RecipeEntry::fromString($entry)->section);
    }
}

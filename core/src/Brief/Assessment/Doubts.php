<?php

declare(strict_types=1);

namespace DunePocket\Brief\Assessment;

use DunePocket\Brief\Brief;
use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Catalogue\Catalogue;

/** Asks about single things: those the brief only hints at, and those it says both ways. */
final readonly class Doubts
{
    private const YES_OR_NO = [['value' => 'yes', 'label' => 'Yes'], ['value' => 'no', 'label' => 'No']];
    private const HINT = 'Yes or no is enough.';

    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param list<FactKind> $asked kinds that another question asks about already
     *
     * @return list<Question> without points: they decide single things of the plan
     */
    public function questions(Brief $brief, array $asked): array
    {
        $questions = [];
        foreach ($brief->struck as $fact) {
            if (null !== $fact->detail(Fact::OVERRULED)) {
                $questions[] = FactKind::PageCount === $fact->kind ? $this->whichNumber($fact, $brief) : $this->about($fact, 'It is asked for in one place and refused in another.');
            }
        }
        foreach ($brief->facts as $fact) {
            if ($fact->isDoubtful() && !\in_array($fact->kind, $asked, true) && !$this->comesWithPage($fact, $brief)) {
                $questions[] = $this->about($fact, FactKind::PageRefusal === $fact->kind ? 'The brief only hints that it is not wanted.' : 'The brief only hints at it.');
            }
        }
        $once = [];
        foreach (array_filter($questions) as $question) {
            if (!$question->isAmong($brief->skipped)) {
                $once[$question->text] ??= $question;
            }
        }

        return array_values($once);
    }

    private function about(Fact $fact, string $why): ?Question
    {
        $doubt = $this->catalogue->doubt($fact->kind);
        $thing = $this->thing($fact);
        if (null === $doubt || null === $thing) {
            return null;
        }
        $it = ['{it}' => $thing];

        return new Question('q-'.$fact->id, $fact->kind, strtr($doubt->text, $it), strtr($doubt->ask, $it), self::HINT, $why.' '.$doubt->effect, 0, self::YES_OR_NO, $fact->id);
    }

    /** A menu is wanted by whoever asks for the page “Menu”. */
    private function comesWithPage(Fact $fact, Brief $brief): bool
    {
        $page = FactKind::Feature === $fact->kind ? $this->catalogue->features()[$fact->value]->page ?? null : null;

        return null !== $page && [] !== array_filter($brief->of(FactKind::PageRequest), static fn (Fact $asked): bool => $page === $asked->detail('page'));
    }

    private function whichNumber(Fact $fact, Brief $brief): ?Question
    {
        $stands = $brief->first(FactKind::PageCount);
        $others = array_filter($brief->struck, static fn (Fact $other): bool => FactKind::PageCount === $other->kind && null !== $other->detail(Fact::OVERRULED));
        $values = null === $stands ? [] : array_values(array_unique(array_map(static fn (Fact $one): string => $one->value, [$stands, ...$others])));

        return \count($values) < 2 ? null : new Question('q-'.$fact->id, $fact->kind, \sprintf('How many pages is it to have: %s?', implode(' or ', $values)), 'How many pages do you want?', 'A number, or from and to.', 'The brief says different things. Sets how many pages the plan may have.', 0, array_map(static fn (string $value): array => ['value' => $value, 'label' => $value], $values));
    }

    private function thing(Fact $fact): ?string
    {
        $feature = FactKind::Feature === $fact->kind ? $fact->value : $fact->detail('feature');

        return match (true) {
            null !== $feature && isset($this->catalogue->features()[$feature]) => $this->catalogue->features()[$feature]->thing,
            FactKind::SecondaryGoal === $fact->kind => $this->catalogue->goals()[$fact->value]->people ?? null,
            FactKind::PageRequest === $fact->kind => $fact->value,
            default => lcfirst($fact->value),
        };
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief;

use DunePocket\Brief\Reading\BriefReader;
use DunePocket\Catalogue\Catalogue;

/** Understands a short answer by what was asked: "home, prices, contact" are three pages, "friendly" is a tone. */
final readonly class AnswerReader
{
    private BriefReader $reader;

    /** @param array<string, string> $labels by kind of fact: how a questionnaire would ask for it */
    private function __construct(Catalogue $catalogue, private array $labels)
    {
        $this->reader = new BriefReader($catalogue);
    }

    public static function for(Catalogue $catalogue): self
    {
        return new self($catalogue, $catalogue->cues()->labels);
    }

    /**
     * @param int $nextNumber number of the first fact
     *
     * @return list<Fact> of this kind, entered and sure; empty when the words say nothing of the kind
     */
    public function facts(FactKind $kind, string $answer, int $nextNumber): array
    {
        $label = $this->labels[$kind->value] ?? null;
        if (null === $label || '' === trim($answer)) {
            return [];
        }
        $text = "$label: ".trim(preg_replace('/\s*\n\s*/u', ', ', trim($answer)) ?? $answer);
        $found = array_filter($this->reader->facts(new Source('answer', 'Answer', SourceKind::Answers, $text)), static fn (Fact $fact): bool => $fact->kind === $kind && Origin::Stated === $fact->origin);

        return array_map(static fn (Fact $fact, int $i): Fact => new Fact('f'.($nextNumber + $i), $kind, $fact->value, Origin::Entered, 1.0, null, $fact->detail), array_values($found), array_keys(array_values($found)));
    }
}

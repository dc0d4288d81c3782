<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Resolving;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Quote;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\ReadableText;
use DunePocket\Brief\Source;
use DunePocket\Language\Letters;
use DunePocket\Language\Typography;

/** Turns what was read into facts, with quotes that point into the source as the client wrote it. */
final readonly class FactWriter
{
    private Letters $letters;

    public function __construct(private Source $source, private ReadableText $text)
    {
        $this->letters = new Letters($source->text);
    }

    public function fact(Candidate $candidate, string $id): Fact
    {
        $from = $this->text->placeInSource($candidate->start);
        $words = substr($this->source->text, $from, $this->text->placeInSource($candidate->start + $candidate->length) - $from);
        $lead = mb_strlen($words) - mb_strlen(ltrim($words));
        $isStated = Origin::Stated === $candidate->origin;
        $value = FactKind::BusinessName === $candidate->kind ? $this->asTheySpellIt($candidate, $words) : $candidate->value;

        return new Fact(
            $id,
            $candidate->kind,
            $this->withoutShouting($candidate->kind, $value),
            $candidate->origin,
            round($candidate->certainty, 2),
            $isStated ? new Quote($this->source->id, $this->letters->before($from) + $lead, mb_strlen(trim($words))) : null,
            $candidate->detail + ($isStated ? [] : ['hint' => trim($words)]),
        );
    }

    /** "purrfect nanny" is no typing error where it is the name. */
    private function asTheySpellIt(Candidate $candidate, string $written): string
    {
        $read = substr($this->text->text, $candidate->start, $candidate->length);
        $isCorrected = $read !== $written && mb_strtolower(Phrase::tidy($read)) === mb_strtolower($candidate->value);

        return match (true) {
            !$isCorrected => $candidate->value,
            Phrase::tidy($read) === $candidate->value => Phrase::tidy($written),
            default => Phrase::properName($written),
        };
    }

    /** "FAMILIES IN OLD HOUSES" was typed with the key held down. */
    private function withoutShouting(FactKind $kind, string $value): string
    {
        return match (true) {
            mb_strtoupper($value) !== $value, 1 !== preg_match('/\p{L}{4,}\s+\p{L}{2,}|^\p{L}{6,}$/u', $value) => $value,
            FactKind::BusinessName === $kind => Phrase::properName($value),
            default => Typography::capital(mb_strtolower($value)),
        };
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Normal;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Language\CalendarDate;
use DunePocket\Language\Letters;

/** Adds to facts what programs need of them: the dialled number, the hours as days and times, the date of a deadline, what is said of an offering. The words stay. */
final readonly class Normaliser
{
    private Letters $letters;
    private ?string $country;

    /** @param string $text the source, which may betray the country */
    public function __construct(string $text)
    {
        $this->letters = new Letters($text);
        $this->country = Telephone::country($text);
    }

    public function normal(Fact $fact): Fact
    {
        $detail = match ($fact->kind) {
            FactKind::ContactPhone => ['e164' => Telephone::e164($fact->value, $this->country)],
            FactKind::OpeningHours => $this->hours(OpeningHours::read($fact->value)),
            FactKind::Deadline => ['date' => CalendarDate::iso($fact->value, 'US' === $this->country)],
            FactKind::Offering => Terms::of($fact->detail('description') ?? $this->around($fact)),
            default => [],
        };
        $detail = array_filter($detail, static fn (?string $value): bool => null !== $value && '' !== $value);

        return [] === $detail ? $fact : new Fact($fact->id, $fact->kind, $fact->value, $fact->origin, $fact->certainty, $fact->quote, $fact->detail + $detail);
    }

    /** @return array<string, string> */
    private function hours(?OpeningHours $hours): array
    {
        return null === $hours ? [] : ['hours' => implode(', ', $hours->toSchema()), 'text' => $hours->toText()];
    }

    /** The words of the quote where it holds more than the name. */
    private function around(Fact $fact): string
    {
        $quote = $fact->quote;

        return null === $quote || $quote->length <= mb_strlen($fact->value) ? '' : $this->letters->part($quote->start, $quote->length);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Normal;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Language\CalendarDate;

/** Adds to facts what programs need of them: the dialled number, the hours as days and times, the date of a deadline. The words stay. */
final readonly class Normaliser
{
    /** @param string $text the source, which may betray the country */
    public function normal(Fact $fact, string $text): Fact
    {
        $detail = match ($fact->kind) {
            FactKind::ContactPhone => ['e164' => Telephone::e164($fact->value, Telephone::country($text))],
            FactKind::OpeningHours => ['hours' => implode(', ', OpeningHours::read($fact->value)?->toSchema() ?? []), 'text' => OpeningHours::read($fact->value)?->toText()],
            FactKind::Deadline => ['date' => CalendarDate::iso($fact->value, 'US' === Telephone::country($text))],
            default => [],
        };
        $detail = array_filter($detail, static fn (?string $value): bool => null !== $value && '' !== $value);

        return [] === $detail ? $fact : new Fact($fact->id, $fact->kind, $fact->value, $fact->origin, $fact->certainty, $fact->quote, $fact->detail + $detail);
    }
}

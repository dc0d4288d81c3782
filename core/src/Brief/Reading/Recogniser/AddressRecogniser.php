<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Brief\Reading\Reading;
use DunePocket\Brief\Reading\Recogniser;
use DunePocket\Catalogue\Cues;

/** A postal address over several lines, as at the end of a letter: street, town, postcode. */
final readonly class AddressRecogniser implements Recogniser
{
    private const CERTAINTY = 0.94;

    public function __construct(private Cues $cues)
    {
    }

    public function recognise(Reading $reading): iterable
    {
        preg_match_all($this->cues->addressLines, $reading->text->text, $found, \PREG_OFFSET_CAPTURE);
        foreach ($found[0] as [$lines, $at]) {
            if (str_contains($lines, "\n")) {
                yield new Candidate(FactKind::ContactAddress, Phrase::tidy(preg_replace('/,?\s*\n\s*/', ', ', $lines) ?? $lines), (int) $at, \strlen($lines), self::CERTAINTY);
            }
        }
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Voice;

use DunePocket\Brief\Fact;
use DunePocket\Brief\FactKind;
use DunePocket\Brief\Origin;
use DunePocket\Brief\Quote;
use DunePocket\Catalogue\VoiceRules;

/** The facts that a sample of the client's writing makes: the sample as measured, and the tones concluded from it. */
final readonly class SampleFacts
{
    private const EXCERPT = 180;
    private const TONES = [0.5, 0.45];

    private MannerReader $manner;

    public function __construct(VoiceRules $rules)
    {
        $this->manner = new MannerReader($rules);
    }

    /**
     * @param int    $nextNumber number of the first fact
     * @param ?Quote $quote      where the sample stands; null when it was typed
     *
     * @return list<Fact> the sample, then the tones concluded from it; a short sample concludes nothing
     */
    public function of(string $text, int $nextNumber, ?Quote $quote = null): array
    {
        $manner = $this->manner->read($text);
        if (null === $manner) {
            return [new Fact("f$nextNumber", FactKind::VoiceSample, self::excerpt($text), null === $quote ? Origin::Entered : Origin::Stated, 1.0, $quote)];
        }
        $facts = [new Fact("f$nextNumber", FactKind::VoiceSample, self::excerpt($text), null === $quote ? Origin::Entered : Origin::Stated, 1.0, $quote, ['measured' => $manner->summary])];
        foreach ($manner->tones as $i => $tone) {
            $facts[] = new Fact('f'.($nextNumber + $i + 1), FactKind::Tone, $tone, Origin::Inferred, self::TONES[$i], null, ['measured' => $manner->summary]);
        }

        return $facts;
    }

    public function isSample(string $text): bool
    {
        return $this->manner->isEnough($text);
    }

    /** @return string the first words, on one line */
    private static function excerpt(string $text): string
    {
        $line = trim(preg_replace('/\s+/u', ' ', $text) ?? $text);

        return mb_strlen($line) <= self::EXCERPT ? $line : preg_replace('/\s+\S*$/u', '', mb_substr($line, 0, self::EXCERPT)).' …';
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Voice;

use DunePocket\Catalogue\VoiceRules;
use DunePocket\Language\WritingSample;

/** Measures a sample of somebody's writing and holds it against what each tone is usually written like. */
final readonly class MannerReader
{
    private const TONES = 2;

    public function __construct(private VoiceRules $rules)
    {
    }

    /** @return ?Manner null when the sample is too short to say anything */
    public function read(string $text): ?Manner
    {
        $sample = WritingSample::measure($text);
        if ($sample->words < $this->rules->enoughWords) {
            return null;
        }
        $figures = $this->figures($sample, $text);
        $tones = array_keys(array_filter($this->rules->tones, static fn (array $bounds): bool => self::holds($bounds, $figures)));

        return new Manner($this->summary($sample, $figures), \array_slice($tones, 0, self::TONES));
    }

    public function isEnough(string $text): bool
    {
        return WritingSample::measure($text)->words >= $this->rules->enoughWords;
    }

    /** @return array<string, float> */
    private function figures(WritingSample $sample, string $text): array
    {
        preg_match_all('/\p{L}+/u', mb_strtolower($text), $words);
        $formal = \count(array_filter($words[0], fn (string $word): bool => isset($this->rules->formal[$word])));
        $informal = \count(array_filter($words[0], fn (string $word): bool => isset($this->rules->informal[$word])));

        return [
            'words' => $sample->wordsPerSentence(),
            'ease' => $sample->readingEase(),
            'contractions' => $sample->perHundredWords($sample->contractions),
            'persons' => $sample->perHundredWords($sample->firstPerson + $sample->secondPerson),
            'formality' => $sample->perHundredWords($formal - $informal),
            'exclamations' => 0 === $sample->sentences ? 0.0 : 100 * $sample->exclamations / $sample->sentences,
        ];
    }

    /**
     * @param array<string, array{float, float}> $bounds
     * @param array<string, float>               $figures
     */
    private static function holds(array $bounds, array $figures): bool
    {
        foreach ($bounds as $figure => [$least, $most]) {
            if ($figures[$figure] < $least || $figures[$figure] > $most) {
                return false;
            }
        }

        return true;
    }

    /** @param array<string, float> $figures */
    private function summary(WritingSample $sample, array $figures): string
    {
        return \sprintf(
            '%d words: %.0f a sentence, reading ease %.0f, in 100 words %.0f contractions and %.0f times “we” or “you”, %s, %s',
            $sample->words,
            $figures['words'],
            $figures['ease'],
            $figures['contractions'],
            $figures['persons'],
            match (true) {
                $figures['formality'] >= 0.6 => 'formal words',
                $figures['formality'] <= -0.6 => 'everyday words',
                default => 'words neither formal nor loose',
            },
            0 === $sample->exclamations ? 'no exclamation' : \sprintf('%d exclamation%s', $sample->exclamations, 1 === $sample->exclamations ? '' : 's'),
        );
    }
}

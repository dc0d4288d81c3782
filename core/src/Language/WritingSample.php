<?php

declare(strict_types=1);

namespace DunePocket\Language;

/** How a text is written, in figures that do not depend on what it is about. */
final readonly class WritingSample
{
    private const WORD = '/\p{L}[\p{L}\p{M}]*(?:[\'’\-]\p{L}+)*|\d+(?:[.,:]\d+)*/u';
    private const SENTENCE_END = '/\b(?:e\.g|i\.e|etc|approx|Mr|Mrs|Ms|Dr|St|No|vs|Rd)\.(*SKIP)(*F)|[.!?…]+["”’)\]]*(?=\s|$)|\n\s*\n/u';
    private const CONTRACTION = '/[\p{L}](?:n[\'’]t|[\'’](?:re|ve|ll|m|d))\b|\b(?:it|that|there|here|what|who|he|she|let|how|where)[\'’]s\b/iu';
    private const FIRST_PERSON = '/\b(?:we|us|our|ours|ourselves|i|me|my|mine|myself)\b/iu';
    private const SECOND_PERSON = '/\b(?:you|your|yours|yourself|yourselves)\b/iu';

    private function __construct(
        public int $sentences,
        public int $words,
        public int $syllables,
        public int $contractions,
        public int $firstPerson,
        public int $secondPerson,
        public int $exclamations,
    ) {
    }

    public static function measure(string $text): self
    {
        preg_match_all(self::WORD, $text, $words);
        $parts = preg_split(self::SENTENCE_END, $text) ?: [];
        $sentences = array_filter($parts, static fn (string $part): bool => 1 === preg_match('/\p{L}|\d/u', $part));

        return new self(
            \count($sentences),
            \count($words[0]),
            array_sum(array_map(static fn (string $word): int => max(1, Syllables::of($word)), $words[0])),
            (int) preg_match_all(self::CONTRACTION, $text),
            (int) preg_match_all(self::FIRST_PERSON, $text),
            (int) preg_match_all(self::SECOND_PERSON, $text),
            (int) preg_match_all('/!+/', $text),
        );
    }

    public function wordsPerSentence(): float
    {
        return 0 === $this->sentences ? 0.0 : $this->words / $this->sentences;
    }

    public function syllablesPerWord(): float
    {
        return 0 === $this->words ? 0.0 : $this->syllables / $this->words;
    }

    /** @param int $count of something in the text */
    public function perHundredWords(int $count): float
    {
        return 0 === $this->words ? 0.0 : 100 * $count / $this->words;
    }

    /** @return float about 0 (hard) to 100 (easy); Flesch, "A new readability yardstick", 1948 */
    public function readingEase(): float
    {
        return 0 === $this->words ? 0.0 : 206.835 - 1.015 * $this->wordsPerSentence() - 84.6 * $this->syllablesPerWord();
    }

    /** @return float years of schooling in the United States; Kincaid, Fishburne, Rogers and Chissom, 1975 */
    public function grade(): float
    {
        return 0 === $this->words ? 0.0 : 0.39 * $this->wordsPerSentence() + 11.8 * $this->syllablesPerWord() - 15.59;
    }
}

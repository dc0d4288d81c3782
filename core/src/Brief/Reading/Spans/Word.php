<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Spans;

/** A word of a sentence, as it stands there, in small letters and without its ending. */
final readonly class Word
{
    private const WORD = '/[\p{L}\p{N}](?:[\p{L}\p{N}\'’.\-]*[\p{L}\p{N}])?|&/u';
    private const ENDING = '/(?<=\p{L}{2})(?:ies|es|s|ing|ed)$/u';
    private const OF_SOMEBODY = '/\'s$/';
    private const STARTS_CAPITAL = '/^[\p{Lu}\p{N}]/u';
    /** Shorter words keep their ending. */
    private const SHORT = 5;

    public string $lower;
    public string $stem;
    /** The word without "'s". */
    public string $bare;
    public bool $isCapital;
    /** Whether it holds no small letter. */
    public bool $isShouted;

    /** @param int $start in bytes from the start of the sentence */
    public function __construct(public string $text, public int $start)
    {
        $this->lower = str_replace('’', '\'', mb_strtolower($text));
        $this->bare = preg_replace(self::OF_SOMEBODY, '', $this->lower) ?? $this->lower;
        $this->stem = \strlen($this->bare) < self::SHORT ? $this->bare : preg_replace(self::ENDING, '', $this->bare) ?? $this->bare;
        $this->isShouted = mb_strtoupper($text) === $text;
        $this->isCapital = 1 === preg_match(self::STARTS_CAPITAL, $text);
    }

    /** @return list<self> */
    public static function all(string $sentence): array
    {
        preg_match_all(self::WORD, $sentence, $found, \PREG_OFFSET_CAPTURE);

        return array_map(static fn (array $word): self => new self($word[0], $word[1]), $found[0]);
    }

    public function end(): int
    {
        return $this->start + \strlen($this->text);
    }

    public function isPossessive(): bool
    {
        return $this->bare !== $this->lower;
    }

    public function isAmpersand(): bool
    {
        return '&' === $this->text;
    }
}

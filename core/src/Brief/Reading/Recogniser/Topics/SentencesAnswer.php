<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Recogniser\Topics;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\Candidate;
use DunePocket\Brief\Reading\Phrase;
use DunePocket\Catalogue\ToldAnswer;
use DunePocket\Language\Typography;

/** What is told in sentences, each of them one thing, but for those that only say more of the first. */
final readonly class SentencesAnswer implements Answer
{
    private const SENTENCES = '/(?<!\b\p{Lu}\.)(?<!\bMr\.|\bDr\.|\bMrs\.)(?<=[.;])\s+|\n/u';

    /** "The horses. Every one is chosen for its temper." */
    private const THEME = '/^\W*(?:\p{L}+\s+){0,2}\p{L}+\.\s+(?:every|each|all|they|it|we|i|you|nobody|no)\b/iu';
    private const SENTENCES_AFTER_THEME = '/^[^.]*\.\s+(*SKIP)(*F)|(?<=[.;])\s+|\n/u';

    private const ASIDE = '/^\([^)]*\)\W*$/u';

    public function __construct(private FactKind $kind, private ToldAnswer $cues)
    {
    }

    private function isTheme(string $answer): bool
    {
        return FactKind::Differentiator === $this->kind && 1 === preg_match(self::THEME, $answer);
    }

    public function read(Block $block): iterable
    {
        if ($this->cues->saysNothing($block->text)) {
            return;
        }
        foreach (preg_split($this->isTheme($block->text) ? self::SENTENCES_AFTER_THEME : self::SENTENCES, $block->text, -1, \PREG_SPLIT_OFFSET_CAPTURE) ?: [] as [$part, $at]) {
            $value = Phrase::tidy($part);
            if (mb_strlen($value) > 2 && 1 !== preg_match(self::ASIDE, $part) && !$this->cues->isDenial($value) && (0 === $at || $this->cues->isAnother($value))) {
                yield new Candidate($this->kind, Typography::capital(rtrim($this->cues->bare($value), ' ,')), $block->start + $at, \strlen(rtrim($part, " \n.;,")), self::CERTAINTY);
            }
        }
    }
}

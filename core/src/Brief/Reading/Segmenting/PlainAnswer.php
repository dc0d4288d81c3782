<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting;

use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Line;
use DunePocket\Catalogue\Cues;

/** "Yes, exactly that." gives the question's words to the client; "No." refuses them. */
final readonly class PlainAnswer
{
    private const WORDS = 11;
    private const SAYS_NO_MORE = 3;

    public function __construct(private Cues $cues)
    {
    }

    /** Whether the line was a plain answer and says nothing beyond it; what it agrees to or refuses is written down. */
    public function take(Line $line, Segmentation $into): bool
    {
        $question = $into->takeQuestion();
        $answer = trim($line->text);
        if (null === $question || $into->inParagraph() || !str_contains($question->text, '?') || !$this->isShort($answer)) {
            return false;
        }
        $agreed = $this->cues->answers->agrees($question->text, $answer);
        $question = $this->cues->answers->isOfAll($answer) ? $question : $this->lastOf($question);
        if (null === $agreed || $this->cues->answers->asksToTell($question->text)) {
            return false;
        }
        [$asked, $at] = $this->cues->answers->asked($question->text);
        $into->add(BlockKind::Paragraph, $question->start + $at, $asked, $into->asked()->topic, $agreed);
        if (!$agreed) {
            $into->forget();
        }

        return str_word_count($answer) <= self::SAYS_NO_MORE && 1 !== preg_match('/,|\b(?:but|and)\b/iu', $answer);
    }

    private function isShort(string $answer): bool
    {
        return str_word_count(preg_split('/[.!]\s/u', $answer)[0] ?? '') <= self::WORDS || $this->cues->answers->takesUp($answer);
    }

    /** "How many pages do you have in mind? Four to six?": the second is answered. */
    private function lastOf(Line $question): Line
    {
        if (1 !== preg_match('/^(.*\?\s+)(\S[^?]*\?)\s*$/us', $question->text, $m) || $this->cues->answers->asksForMore($m[2])) {
            return $question;
        }

        return new Line($question->start + \strlen($m[1]), $m[2]);
    }
}

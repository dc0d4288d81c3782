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
    private const NAME = '/(?:an? |the |any )?[\p{L}-]+(?: [\p{L}-]+){0,2}\?/u';
    /** "So a quote form. Online shop?" */
    private const NAME_LAST = '/^(.*[.!]\s+)((?:an? |the |any )?(?!(?:anything|something|what|who|which|how|really|right|yes|no|ok|okay|else|correct|fine|agreed)\b)(?:online |live |photo |customer |members[\'’]? |booking |mailing )?[\p{L}-]+(?: (?:on|in) (?:the|your) (?:web ?)?site)?\?)\s*$/ius';
    private const NAMES_IN_A_ROW = '/^\s*(?:(?:an? |the |any |or |and )?(?!(?:anything|something|what|whats|who|which|how|really|right|yes|no|ok|okay|sorry|so|more|else|why|where|when|is|are|do|does|will|can|could|would|should|you|we|your|it|that)\b)[\p{L}-]+(?: [\p{L}-]+){0,2}\?\s*){2,4}$/iu';

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
        $answered = $this->cues->answers->isOfAll($answer) ? [$question] : $this->answered($question);
        $agreed = $this->cues->answers->agrees($question->text, $answer);
        if (null === $agreed || $this->cues->answers->asksToTell($answered[0]->text)) {
            return false;
        }
        $this->settle($answered, $agreed, $into->asked()->topic, $into);
        if (!$agreed) {
            $into->forget();
        }

        return $this->saysNoMore($answer);
    }

    public function saysNoMore(string $answer): bool
    {
        return str_word_count($answer) <= self::SAYS_NO_MORE && 1 !== preg_match('/,|\b(?:but|and)\b/iu', $answer);
    }

    /** @param list<Line> $answered what was agreed to or refused */
    public function settle(array $answered, bool $agreed, ?string $topic, Segmentation $into): void
    {
        foreach ($answered as $one) {
            [$asked, $at] = $this->cues->answers->asked($one->text);
            $into->add(BlockKind::Paragraph, $one->start + $at, $asked, $topic, $agreed);
        }
    }

    /** Whether the answer is short enough, or takes up what was asked, to be a yes or a no at all. */
    public function isShort(string $answer): bool
    {
        return str_word_count(preg_split('/[.!]\s/u', $answer)[0] ?? '') <= self::WORDS || $this->cues->answers->takesUp($answer);
    }

    /**
     * "How many pages do you have in mind? Four to six?": the second is answered; but each of "Merchandise? Hats?".
     *
     * @return non-empty-list<Line>
     */
    private function answered(Line $question): array
    {
        $names = [[]];
        if (1 === preg_match(self::NAMES_IN_A_ROW, $question->text)) {
            preg_match_all(self::NAME, $question->text, $names, \PREG_OFFSET_CAPTURE);
        }
        $lines = array_map(static fn (array $name): Line => new Line($question->start + $name[1], $name[0]), $names[0]);
        if ([] !== $lines) {
            return $lines;
        }
        if (1 === preg_match(self::NAME_LAST, $question->text, $m)) {
            return [new Line($question->start + \strlen($m[1]), $m[2])];
        }
        if (1 !== preg_match('/^(.*\?\s+)(\S[^?]*\?)\s*$/us', $question->text, $m) || $this->cues->answers->asksForMore($m[2])) {
            return [$question];
        }

        return [new Line($question->start + \strlen($m[1]), $m[2])];
    }
}

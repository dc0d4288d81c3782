<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Block;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Catalogue\Cues;

/** Takes running text apart at the labels inside it: "… Tone: dry. Banned words: craft, artisan." */
final readonly class LabelsInside
{
    private const LABEL = '/(?:(?<=[.!?]\s|\n)|^(?=[^:=.!?]{3,42}\?))(?<label>\p{L}[\p{L}\s\/&\'’-]{2,40}?)(?::| =|(?<asks>\?))\s+(?<answer>\S(?(asks).*|.*?(?:[.!?](?=\s)|$)))/us';

    public function __construct(private Cues $cues, private LabelWords $words, private AnswerExtent $extent)
    {
    }

    /** @return iterable<Block> what the block consists of, in order; together the same text but for the labels */
    public function parts(Block $block): iterable
    {
        $from = 0;
        preg_match_all(self::LABEL, $block->text, $labels, \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE);
        foreach ($labels as $label) {
            [$words, $at] = [$label['label'][0], (int) $label['label'][1]];
            $topic = $this->topic($words, null !== $block->topic);
            if (null === $topic || $at < $from || (FactKind::Audience->value === $block->topic && $this->words->isGrade($words))) {
                continue;
            }
            yield new Block($block->kind, $block->start + $from, substr($block->text, $from, $at - $from), $block->topic);
            [$answer, $answerAt] = [$label['answer'][0], (int) $label['answer'][1]];
            $answer = '' !== ($label['asks'][0] ?? '') && $this->cues->answers->isNo($answer) ? preg_split('/(?<=[.!])\s/u', $answer)[0] ?? $answer : $answer;
            // "Who buys? Farm shops. That last group is what the website is for.": one asks oneself, and goes on.
            $answer = '' === ($label['asks'][0] ?? '') ? $answer : substr($answer, 0, $this->extent->bytes($answer, $topic));
            yield from $this->labelled(new Block(BlockKind::Heading, $block->start + $at, $words), new Block(BlockKind::Answer, $block->start + $answerAt, $answer, $topic), '' !== ($label['asks'][0] ?? ''));
            $from = $answerAt + \strlen($answer);
        }
        yield new Block($block->kind, $block->start + $from, substr($block->text, $from), $block->topic);
    }

    /** Words in small letters are a label only when they can be nothing else: "banned words: craft", "look: red. sound: straight". */
    private function topic(string $words, bool $isLabelled): ?string
    {
        return match (true) {
            $this->words->sayNo($words) => null,
            1 === preg_match('/^(?!(?:I|We)\b)\p{Lu}/u', $words) => $this->cues->topic($words),
            $isLabelled, str_contains($words, ' ') => $this->cues->topics->ofLabel($words),
            default => null,
        };
    }

    /** @return iterable<Block> "Blog? No thanks." refuses what it asks */
    private function labelled(Block $label, Block $answer, bool $asks): iterable
    {
        if ($asks && $this->cues->answers->isNo($answer->text)) {
            yield new Block(BlockKind::Paragraph, $label->start, $label->text, $answer->topic, agreed: false);

            return;
        }
        if ($this->words->sayMore($label->text)) {
            yield $label;
        }
        yield $answer;
    }
}

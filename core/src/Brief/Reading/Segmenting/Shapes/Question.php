<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Segmenting\LabelWords;
use DunePocket\Brief\Reading\Segmenting\PlainAnswer;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;
use DunePocket\Catalogue\Cues;

/** "Q: …", "3) What do you do?", "How many pages? Six." */
final readonly class Question implements Shape
{
    private const WITHOUT_MARK = '/^(?<lead>\s*Q(?:\s*\d+\s*[.:)]?\s+|\s*[.:)]\s*))(?<asks>(?![^?:]*(?:\d[\d ]{6,}|@))[^?:]+:?\s*)$/iu';
    private const QUESTION = '/^(?<lead>\s*(?:(?:Q|Question|No)\.?\s*\d+\s*[.:)]?|Q(?:uestion)?\s*[.:)]|(?:[-*]\s*)?\d{1,2}(?:\s*[.):]|(?=\s\p{Lu}))|[-*])?\s*)(?<asks>[^?]{3,160}\?(?!\))(?:\s*[^?.]{2,40}\?$)?(?:\s*\([^)]*\))?)\s*[:\-–]?\s*(?<answer>.*)$/iu';
    private const ASKS_THE_CLIENT = '/\b(?:you|your|who|what|how|where|which|when)\b|^(?:anything|anyone|something)\b|^(?:is|are|any|should|do|does) .*\b(?:there|any|we|it)\b/i';
    private const ASKED_BY_THE_CLIENT = '/\b(?:i|my)\b|^(?:(?:can|could|will) (?:you|we|i)|would (?:you (?!like\b|want\b|prefer\b)|we|i))\b/i';
    /** "What do you make? Please list your main products." */
    private const INSTRUCTS = '/^\(?(?:(?:please|kindly) (?:list|describe|tell|include|give|explain|state|specify|be|think|consider|name|add|note|tick|choose|select|rank|mention|provide|attach|answer|say)|list|describe|tell us|be as|be specific|think about|e\.g\.|for example)\b[^?]*$/iu';
    private const ASKED_LAST = '/\?\s+([^?]+\?)[^?]*$/u';
    /** One of those "Does it hurt?" pages: what others ask. */
    private const QUOTED = '/["“][^"”?]*\?(?=["”])/u';
    /** "Customers are farmers and schools. What do we do that others don't?" */
    private const SAID_BEFORE = '/^(?!.*\b(?:you|your|please)\b)(?:[^.!?]{12,}[.!]\s+)+(?=\p{Lu}[^.!?]*\?)/u';
    /** "prices / first time? / timetable" */
    private const IN_A_LIST = '/\?\s+\/\s/u';
    /** "What's it called? [Vantage Films]" */
    private const IN_BRACKETS = '/^\[(?<answer>[^\[\]]+)\]\s*$/u';
    private const SHORT = 4;
    /** "Live chat?" */
    private const NAME = 3;

    public function __construct(private Cues $cues, private LabelWords $words, private PlainAnswer $plain, private NameBefore $name)
    {
    }

    public function take(Spot $spot, Segmentation $into): bool
    {
        return !$into->designerJustAsked() && $this->ask($spot->start, $spot->text, $into);
    }

    /** Whether the text is a question; it is asked then, and answered when it goes on. */
    public function ask(int $start, string $text, Segmentation $into): bool
    {
        if (1 === preg_match(self::IN_A_LIST, $text)) {
            return false;
        }
        if (1 === preg_match(self::WITHOUT_MARK, $text, $m)) {
            $into->close();
            $into->ask(new Line($start + \strlen($m['lead']), $m['asks']), $this->cues->topic($m['asks']));

            return true;
        }
        if (1 !== preg_match(self::QUESTION, preg_replace_callback(self::QUOTED, static fn (array $quoted): string => strtr($quoted[0], '?', '.'), $text) ?? $text, $m)) {
            return false;
        }
        $m['answer'] = '' === $m['answer'] ? '' : substr($text, -\strlen($m['answer']));
        if (1 === preg_match(self::INSTRUCTS, $m['answer'])) {
            $m['answer'] = '';
        }
        $numbered = 1 === preg_match('/[Q\d]/', $m['lead']);
        if (!$numbered && '' !== $m['answer'] && 1 === preg_match(self::SAID_BEFORE, $m['asks'], $said)) {
            return $this->askAfter($said[0], $start, $text, \strlen($m['lead']), $into);
        }
        $topic = $this->topic($m['asks'], $into);
        if (!$numbered && !$this->asksTheClient($m['asks'], $topic, '' === $m['answer'] && !$into->inParagraph())) {
            return false;
        }
        $into->close();
        if (null === $topic) {
            $this->name->note($start + \strlen($m['lead']), $m['asks'], $m['answer'], $into);
        }
        $into->noteNumber($m['lead']);
        if ($numbered) {
            $into->countTo((int) trim($m['lead'], ' QqUuEeSsTtIiOoNn.'));
        }
        $into->ask(new Line($start + \strlen($m['lead']), $m['asks']), $topic);
        if ('' !== $m['answer']) {
            $this->answer(new Line($start + \strlen($text) - \strlen($m['answer']), $m['answer']), $topic, $numbered, $into);
        }

        return true;
    }

    /** "We plant hedges. What do we do that others don't? We come back.": what is said before the question asks for nothing. */
    private function askAfter(string $said, int $start, string $text, int $lead, Segmentation $into): bool
    {
        $before = $lead + \strlen($said);
        $asks = (string) strstr(substr($text, $before), '?', true);
        $topic = $into->topicOf(rtrim($asks), $this->cues);
        if (null === $topic || !$this->asksTheClient($asks, $topic, false)) {
            return false;
        }
        $into->write($start + $lead, rtrim($said));
        $into->close();

        return $this->ask($start + $before, substr($text, $before), $into);
    }

    /** "Who are your competitors? How do you differ?": the last is what is to be answered. */
    private function topic(string $asks, Segmentation $into): ?string
    {
        $last = 1 === preg_match(self::ASKED_LAST, $asks, $m) ? $into->topicOf(rtrim($m[1], '? '), $this->cues) : null;

        return $last ?? $into->topicOf(rtrim($asks, '? '), $this->cues);
    }

    private function answer(Line $answer, ?string $topic, bool $numbered, Segmentation $into): void
    {
        if (1 === preg_match(self::IN_BRACKETS, $answer->text, $m)) {
            $answer = new Line($answer->start + 1, $m['answer']);
        }
        if (!$numbered && $this->plain->take($answer, $into)) {
            $into->forget();
        } else {
            $into->answerInLine($answer->start, $answer->text, $topic);
        }
    }

    private function asksTheClient(string $question, ?string $topic, bool $alone): bool
    {
        $short = null !== $topic && str_word_count($question) <= self::SHORT;

        if ($alone && str_word_count($question) <= self::NAME && $this->words->areOfASite($question)) {
            return true;
        }

        return (null !== $topic || $alone)
            && ($short || 1 === preg_match(self::ASKS_THE_CLIENT, $question))
            && 1 !== preg_match(self::ASKED_BY_THE_CLIENT, $question);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Segmenting\LabelWords;
use DunePocket\Brief\Reading\Segmenting\Lead;
use DunePocket\Brief\Reading\Segmenting\PlainAnswer;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;
use DunePocket\Catalogue\Cues;

/** "Blog: no", "| Do you want a gallery? | yes |", "[x] Map": a thing and whether it is wanted, in one line. */
final readonly class Verdict implements Shape
{
    private const BEHIND = '/^(?:\s*\|)?'.Lead::PATTERN.'\**(?<thing>\p{L}[^?:|\t\[]{1,90}?\??)(?:\s*\(y(?:es)?\s*\/\s*n(?:o)?\))?\**\s*(?:(?<=[?])|(?<=[?]\*\*)|:|\s[–—=-]|->|→|\t+|\s{3,}|\||(?=\[)|(?=[✓✔✅✗✘✕❌]))[\s:=|*–—-]*(?<answer>[^|]+?)[\s|]*$/u';
    /** "no. News: no.": another thing in the same line. */
    private const ANOTHER = '/[.!?;]\s+\p{L}[^.?!:]{1,40}[:?]\s*\S/u';
    private const BEFORE = '/^\s*(?:[-*•]\s+)?(?<mark>\[\s*[xX✓✔]\s*\]|\(\s*[xX✓✔]\s*\)|[☑✅☒✗✘✕❌])\s*(?<thing>\p{L}.*)$/u';
    private const NOT_TICKED = '/^\s*(?:[-*•]\s+)?(?:\[\s*\]|\(\s*\)|☐)\s*\p{L}/u';
    private const YES = '/^[\[(]?\s*(?:[✓✔☑✅xX]|y)\s*[\])]?$/iu';
    private const NO = '/^[\[(]?\s*(?:[✗✘✕❌]|n)\s*[\])]?$/iu';
    private const PLAIN_NO = '/^(?:no|none|nope|no thanks?|no thank you|not wanted|not needed)\W*$/iu';
    private const CROSSED = '/[☒✗✘✕❌]/u';
    private const WANTED_OR_NOT = '/^(?:none,? (?:for|as|because|since|please|thank)|(?:yes|no|yeah|yep|nope)\b(?! yet))/iu';
    /** What is crossed out where one of these is asked for, or nothing, was meant for the site. */
    private const OF_THE_SITE = [null, 'page_request', 'feature', 'page_refusal'];
    private const THING_WORDS = 6;
    private const UP_TO_ARROW = '/^.*(?:→|->|=>|⇒)\s*/u';

    public function __construct(private Cues $cues, private LabelWords $words, private PlainAnswer $plain)
    {
    }

    public function take(Spot $spot, Segmentation $into): bool
    {
        if (isset($into->form->sheets[$spot->start])) {
            return false;
        }
        if (1 === preg_match(self::BEFORE, $spot->text, $m, \PREG_OFFSET_CAPTURE)) {
            $into->close();
            $isCrossed = 1 === preg_match(self::CROSSED, $m['mark'][0]);
            if ($isCrossed && \in_array($into->asked()->topic, self::OF_THE_SITE, true)) {
                $into->add(BlockKind::Item, $spot->start + (int) $m['thing'][1], $m['thing'][0], FactKind::PageRefusal->value);
            } else {
                $into->add(BlockKind::Paragraph, $spot->start + (int) $m['thing'][1], $m['thing'][0], $into->asked()->topic, !$isCrossed);
            }

            return true;
        }
        if ($into->form->ticked && 1 === preg_match(self::NOT_TICKED, $spot->text)) {
            $into->close();

            return true;
        }

        return 1 === preg_match(self::BEHIND, $spot->text, $m, \PREG_OFFSET_CAPTURE)
            && 1 !== preg_match(self::ANOTHER, $m['answer'][0])
            && $this->write(
                new Line($spot->start + (int) $m['thing'][1], $m['thing'][0]),
                new Line($spot->start + (int) $m['answer'][1], $m['answer'][0]),
                $into,
            );
    }

    private function write(Line $thing, Line $answer, Segmentation $into): bool
    {
        $agreed = $this->agreed($thing, $answer);
        $isOfPraise = $this->isOfPraise($thing->text, $answer->text);
        if (null === $agreed || !($isOfPraise || $this->mayBeWanted($thing->text) || $this->isRefusedInForm($thing->text, $answer->text, $into) || $this->isChanged($thing->text, $answer->text))) {
            return false;
        }
        $into->close();
        $this->plain->settle([$thing], $agreed, null, $into);
        if (!$this->plain->saysNoMore($answer->text)) {
            $into->add(BlockKind::Answer, $answer->start, $answer->text, $isOfPraise && $agreed ? FactKind::Proof->value : null);
        }

        return true;
    }

    /** "Payment plans: no", where all lines are labels, refuses whatever it is. */
    private function isRefusedInForm(string $thing, string $answer, Segmentation $into): bool
    {
        return $into->form->labelled
            && 1 === preg_match(self::PLAIN_NO, $answer)
            && str_word_count($thing) <= LabelWords::MOST
            && null === $this->cues->topic($thing);
    }

    /** "Testimonials: none, for reasons of privacy", "Reviews: yes, plenty", though such a label asks for the praise itself. */
    private function isOfPraise(string $thing, string $answer): bool
    {
        $bare = trim($thing, '* ?');

        return FactKind::Proof->value === $this->cues->topics->ofLabel($bare) && 1 === preg_match(self::WANTED_OR_NOT, $answer) && $this->words->areOfASite($bare);
    }

    private function agreed(Line $thing, Line $answer): ?bool
    {
        return match (true) {
            1 === preg_match(self::YES, $answer->text) => true,
            1 === preg_match(self::NO, $answer->text), false === $this->cues->answers->ofCell($this->becomes($answer->text)) => false,
            !$this->plain->isShort($answer->text) => null,
            default => $this->cues->answers->agrees($thing->text, trim($answer->text, '[]() ')),
        };
    }

    /** "Takeaway: left over from 2020 → gone": what stood on the site until now. */
    private function isChanged(string $thing, string $answer): bool
    {
        return str_word_count($thing) <= LabelWords::MOST && $this->becomes($answer) !== trim($answer) && null === $this->cues->topic($thing);
    }

    /** "left over from 2020 → gone": what becomes of a thing stands behind the last arrow. */
    private function becomes(string $answer): string
    {
        return trim(preg_replace(self::UP_TO_ARROW, '', $answer) ?? $answer);
    }

    /** "Anything else? No." asks for nothing a site could have, "Budget: no" neither. */
    private function mayBeWanted(string $thing): bool
    {
        $bare = trim($thing, '* ?');
        $isOfASite = $this->words->areOfASite($bare);

        return str_ends_with($thing, '?')
            ? $isOfASite && !$this->cues->answers->asksToTell($thing)
            : str_word_count($bare) <= self::THING_WORDS && $isOfASite && null === $this->cues->topics->ofLabel($bare);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Line;
use DunePocket\Catalogue\Cues;

/** "Yes, exactly that." gives the question's words to the client; "No." refuses them. */
final readonly class PlainAnswer
{
    /** "Do you want a page “Our story”?", "Shall we have a page called Timetable?" */
    private const NAMES_A_PAGE = '/\b(?:want|need|like|have|be|add|keep)\b[^.?!]{0,20}\b(?:page|section)\s+(?:(?:called|named|titled|headed)\s+["“”‘\']?|["“”‘])(?<name>\p{L}[^"”“?]{1,50}?)["”’\']?\s*(?:on (?:the|your) (?:web ?)?site\s*)?\?/iu';
    private const WORDS = 11;
    /** "Not wanted?" – "No testimonials": no answer to these is a yes or a no. */
    private const ASKS_WHAT_NOT = ['page_refusal', 'avoid_word'];
    private const SAYS_NO_MORE = 3;
    private const NAME = '/(?:an? |the |any )?[\p{L}-]+(?: [\p{L}-]+){0,2}\?/u';
    /** "So a quote form. Online shop?" */
    private const NAME_LAST = '/^(.*[.!]\s+)((?:an? |the |any )?(?!(?:anything|something|what|who|which|how|really|right|yes|no|ok|okay|else|correct|fine|agreed)\b)(?:online |live |photo |customer |members[\'’]? |booking |mailing )?[\p{L}-]+(?: (?:on|in) (?:the|your) (?:web ?)?site)?\?)\s*$/ius';
    private const NAMES_IN_A_ROW = '/^\s*(?:(?:an? |the |any |or |and )?(?!(?:anything|something|what|whats|who|which|how|really|right|yes|no|ok|okay|sorry|so|more|else|why|where|when|is|are|do|does|will|can|could|would|should|you|we|your|it|that)\b)[\p{L}-]+(?: [\p{L}-]+){0,2}\?\s*){2,4}$/iu';

    /** "You'd sent me home, prices and contact." */
    private const SUMS_UP = '/\b(?:you[\'’]d|you had|you) (?:sent|said|mentioned|listed|put|given)\b|\bi[\'’](?:ve|d|m) (?:got|noted|put|written|suggest|thinking|going|say|go for|propose)\b/iu';
    /** "So buying a box online, with a delivery date." */
    private const CONCLUDES = '/^(?:(?:ok|okay|right),? )?so,? (?!(?:what|who|how|when|where|which|why|tell)\b)[^.?!]{10,}\.?\s*$/iu';
    /** "Home, Oysters, Tours, Trade, Visit us." */
    private const LISTS = '/^(?:\p{L}[\p{L}\'’]*(?: [\p{L}\'’&]+){0,2}, ){2,}(?:and )?\p{L}[\p{L}\'’]*(?: [\p{L}\'’&]+){0,2}\.?\s*$/u';
    private const ADDS = '/^(?:(?:(?:and|plus|also|but also|(?:maybe |please )?add|don[\'’]?t forget|you (?:forgot|missed|left out)|you[\'’]?ve (?:forgotten|missed))\s+|\+\s*)(?!(?:we|i|it|they|then|that|what|no|not)\b)\p{L}|what about [\p{L} ]{3,30}\?)/iu';
    /** "And a donate button? Most groups ask for one." */
    private const ASKS_THEN_SAYS = '/^(.*\?)\s+[^?]+$/us';
    private const SAYS_THEN_ASKS = '/^(.*[.!]\s+)((?!.*\b(?:that|it|this|those|these|one)\b)[^.!?]{8,}\?)\s*$/ius';

    public function __construct(private Cues $cues)
    {
    }

    /** Whether the line was a plain answer and says nothing beyond it; what it agrees to or refuses is written down. */
    public function take(Line $line, Segmentation $into): bool
    {
        $question = $into->takeQuestion();
        $answer = trim($line->text);
        $leftOpen = null === $question ? null : ListLeftOpen::goneOnWith($question, $answer);
        if (null !== $leftOpen) {
            $into->ask($leftOpen, FactKind::PageRequest->value);
            $this->settle([$leftOpen], true, FactKind::PageRequest->value, $into);

            return false;
        }
        if (null === $question || \in_array($into->asked()->topic, self::ASKS_WHAT_NOT, true) || $into->inParagraph() || !($into->form->unmarked || $this->asks($question->text)) || !$this->isShort($answer)) {
            return false;
        }
        $answered = $this->cues->answers->isOfAll($answer) ? [$question] : $this->answered($question);
        $agreed = $this->cues->answers->agrees($question->text, $answer) ?? ($this->addsTo($question->text, $answer) ? true : null);
        if (null === $agreed || $this->cues->answers->asksToTell($answered[0]->text)) {
            return false;
        }
        $topic = $into->asked()->topic;
        $this->settle($agreed ? $answered : array_map($this->lastAsked(...), $answered), $agreed, $topic, $into);
        if (!$agreed && FactKind::Tone->value !== $topic) {
            $into->forget();
        }

        return $this->saysNoMore($answer) && !$this->addsTo($question->text, $answer);
    }

    /** "I've noted Home and Contact." – "And Schools.": what is added to is agreed to. */
    private function addsTo(string $said, string $answer): bool
    {
        return NamesOfPages::areListedIn($said) && 1 === preg_match(self::ADDS, $answer);
    }

    public function saysNoMore(string $answer): bool
    {
        return $this->cues->answers->isOnly($answer) || (str_word_count($answer) <= self::SAYS_NO_MORE && 1 !== preg_match('/,|\b(?:but|and)\b/iu', $answer));
    }

    /** @param list<Line> $answered what was agreed to or refused */
    public function settle(array $answered, bool $agreed, ?string $topic, Segmentation $into): void
    {
        foreach ($answered as $one) {
            if (1 === preg_match(self::NAMES_A_PAGE, $one->text, $m, \PREG_OFFSET_CAPTURE)) {
                $into->add($agreed ? BlockKind::Paragraph : BlockKind::Item, $one->start + (int) $m['name'][1], $m['name'][0], ($agreed ? FactKind::PageRequest : FactKind::PageRefusal)->value, $agreed ?: null);
                continue;
            }
            [$asked, $at] = $this->cues->answers->asked($one->text);
            $into->add(BlockKind::Paragraph, $one->start + $at, $asked, $topic, $agreed);
        }
    }

    /** "Some practices have a login for patients." asks whether one is wanted. */
    private function asks(string $question): bool
    {
        return str_contains($question, '?') || 1 === preg_match(self::CONCLUDES, $question) || 1 === preg_match(self::LISTS, $question) || $this->cues->answers->suggests($question) || 1 === preg_match(self::SUMS_UP, $question);
    }

    /** Whether the answer is short enough, or takes up what was asked, to be a yes or a no at all. */
    public function isShort(string $answer): bool
    {
        return str_word_count(preg_split('/[.!]\s/u', $answer)[0] ?? '') <= self::WORDS || $this->cues->answers->takesUp($answer);
    }

    /** "So booking is the main thing. Should they pay online too?", "No": the first is not refused. */
    private function lastAsked(Line $asked): Line
    {
        return 1 === preg_match(self::SAYS_THEN_ASKS, $asked->text, $m) ? new Line($asked->start + \strlen($m[1]), $m[2]) : $asked;
    }

    /**
     * "How many pages do you have in mind? Four to six?": the second is answered; but each of "Merchandise? Hats?".
     *
     * @return non-empty-list<Line>
     */
    private function answered(Line $question): array
    {
        $question = 1 === preg_match(self::ASKS_THEN_SAYS, $question->text, $m) ? new Line($question->start, $m[1]) : $question;
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

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Segmenting\Asked;
use DunePocket\Brief\Reading\Segmenting\LabelWords;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\SourceForm;
use DunePocket\Brief\Reading\Segmenting\Spot;
use DunePocket\Catalogue\Cues;

/** "OUR SERVICES", "Tone of voice" above a paragraph, and every other line that stands over what follows. */
final readonly class Heading implements Shape
{
    /** Above all else "WHO" heads what they say of themselves. */
    private const WHO = '/^who\W*$/iu';
    private const GREETING = '/^(?:hi|hiya|hello|hey|dear|good (?:morning|afternoon))\b/i';
    private const SENTENCE = '/\b(?:is|are|have|want|need|i)\b/i';
    private const LEADS = '/^(?:what|who|how|why|where|when|which|things|also|other|any|anything)\b/iu';
    private const PLAIN = '/^[\p{L}\s&\'’-]+$/u';
    /** "who for", above the items of a list */
    private const ITEM = '/^(?:[-*•–·]|\d{1,2}[.)]?)\s/u';
    /** What heads a list of its own below one of pages, and names no page. */
    private const NO_PAGES = ['page_refusal', 'page_request', 'page_count', 'feature', 'goal', 'secondary_goal', 'audience', 'tone', 'differentiator', 'avoid_word', 'keyphrase', 'deadline', 'budget', 'design_note'];
    private const WORDS = 8;
    private const WORDS_WHERE_HEADED = 6;
    private const WORDS_OF_TOPIC = 5;

    public function __construct(private Cues $cues, private Question $question, private LabelWords $words)
    {
    }

    public function take(Spot $spot, Segmentation $into): bool
    {
        $isStacked = $into->form->stacked && !$into->justAsked() && '' !== $spot->next && SourceForm::isLabel($spot->bare, $this->cues);
        if (!$isStacked && ($into->inParagraph() || !$this->looksLikeOne($spot, $into))) {
            return false;
        }
        if ($isStacked) {
            $into->close();
        }
        $this->writeOrAsk($spot->start, $spot->bare, $spot->atTop, $into);

        return true;
    }

    public function writeOrAsk(int $start, string $text, bool $atTop, Segmentation $into): void
    {
        if (!str_contains($text, '?') || !$this->question->ask($start, $text, $into)) {
            $this->write($start, $text, $atTop, $into);
        }
    }

    public function write(int $start, string $text, bool $atTop, Segmentation $into): void
    {
        $topic = $this->words->topic(rtrim(preg_replace('/^(?:Question\s+)?\d{1,2}(?:\.\d)?[.)]?\s+/', '', $text) ?? $text, ':. '), $into);
        $topic = 1 === preg_match(self::WHO, $text) && $into->isBeforeHeadings() ? FactKind::BusinessKind->value : $topic;
        $into->under(str_ends_with(rtrim($text), ':') ? Asked::byLabel($topic) : Asked::byHeading($topic));
        $into->add($atTop && null === $topic ? BlockKind::Title : BlockKind::Heading, $start, $text);
    }

    private function looksLikeOne(Spot $spot, Segmentation $into): bool
    {
        $bare = $spot->bare;
        $words = \count(preg_split('/\s+/', $bare) ?: []);
        if ($words > self::WORDS || 1 === preg_match('/[.!;]$|,(?! in order\b)/', $bare) || 1 === preg_match(self::GREETING, $bare) || $into->isSpokenTo($bare) || (!$spot->afterBlank && $words <= LabelWords::MOST && !str_ends_with($bare, ':') && $into->isListingPages() && !\in_array($this->cues->topic($bare), self::NO_PAGES, true))) {
            return false;
        }
        $asks = null !== $this->cues->topic(rtrim($bare, ':'));
        $capital = 1 === preg_match('/^[A-Z]/', $bare);
        $headed = $into->form->headed && $spot->afterBlank;

        return match (true) {
            !$into->form->shouted && mb_strtoupper($bare) === $bare && 1 === preg_match('/\p{L}{3}/u', $bare) && !$into->justAsked() => true,
            '' === $spot->next && $spot->afterBlank && $into->form->airy && $capital && !str_contains($bare, '@') && !str_contains($bare, ':') && !$into->justAsked() => true,
            '' === $spot->next && $spot->afterBlank && $into->isNumbered() && $capital && $words <= self::WORDS_OF_TOPIC && 1 === preg_match(self::PLAIN, $bare) && !$into->justAsked() => true,
            '' === $spot->next && $spot->afterBlank && 1 === preg_match(self::ITEM, $spot->beyond) && null !== $this->cues->topics->ofLabel($bare) => true,
            '' === $spot->next => $asks && str_ends_with($bare, ':'),
            str_ends_with($bare, ':') => $spot->afterBlank || $asks,
            $headed && $asks && $words <= (1 === preg_match(self::LEADS, $bare) ? self::WORDS : self::WORDS_WHERE_HEADED) => true,
            $capital && $spot->afterBlank && null !== $this->cues->topics->ofLabel($bare) => true,
            $spot->afterBlank && 1 === preg_match(self::ITEM, $spot->next) && ($headed ? $asks : null !== $this->cues->topics->ofLabel($bare)) => true,
            $headed && $capital && $words <= (1 === preg_match(self::LEADS, $bare) ? self::WORDS_WHERE_HEADED : LabelWords::MOST) && !str_contains($bare, ':') && !str_contains($bare, '@') => true,
            default => $asks && $capital && !$into->justAsked() && $words <= self::WORDS_OF_TOPIC && 1 !== preg_match(self::SENTENCE, $bare),
        };
    }
}

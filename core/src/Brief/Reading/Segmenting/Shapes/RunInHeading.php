<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\Segmenting\Asked;
use DunePocket\Brief\Reading\Segmenting\LabelWords;
use DunePocket\Brief\Reading\Segmenting\NamesOfPages;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;
use DunePocket\Catalogue\Cues;

/** "Audience. Residents and plot-holders.", "3. Users. Day centres and schools.": a heading in the line it stands over. */
final readonly class RunInHeading implements Shape
{
    /** "Two types of people buy from us. …", "What would be on it. …" */
    private const LONGER = '/^(?:two|three|four|five|what|who|why|how|where|when|things)\b/iu';
    private const MOST_WORDS = 7;
    /** "Things I've seen on other people's and don't want on mine." */
    private const REFUSES = '/^things .*\b(?:don[\'’]?t|do not|never) want\b/iu';
    private const HEADING = '/^(?<number>\s*\d{1,2}(?:[.)]|(?:\.\d{1,2})+\.?)\s+)?(?!An?\s)(?<heading>\p{L}[\p{L}\s&\/\'’-]{2,45}|[Tt]hings [\p{L}\s\'’-]{3,60})\.\s+(?<text>\p{L}.*)$/u';
    /** "Fourth, and this took an hour, what it is to achieve. More people through the door.", "Sixth. Why us? …" */
    private const COUNTED = '/^(?<number>\s*(?:first|second|third|fourth|fifth|sixth|seventh|eighth|ninth|tenth|last|lastly|finally|next)(?:ly)?[,:.]\s+)(?:(?:and|which) [^,.]{3,40},\s+)?(?<heading>\p{L}[\p{L}\s&\/\'’-]{2,60})[.:?]\s+(?<text>\p{L}.*)$/iu';

    /** "ok so what we do. kayak hire, guided trips." */
    private const OPENING = '/^(?:(?:ok|okay|so|right|well|and|now|then)\s+)+(?=\p{L})/iu';
    private const FULL_STOP = '/\.\s+/u';
    /** "5.1 Testimonials. What is said in the room stays there.", under "5 Exclusions" */
    private const CLAUSE = '/^\s*\d+\.\d+/';

    public function __construct(private Cues $cues)
    {
    }

    public function take(Spot $spot, Segmentation $into): bool
    {
        if ($into->designerJustAsked()) {
            return false;
        }
        $isCounted = 1 === preg_match(self::COUNTED, $spot->text, $m, \PREG_OFFSET_CAPTURE);
        if (!$isCounted && (1 !== preg_match(self::HEADING, $spot->text, $m, \PREG_OFFSET_CAPTURE) || !$this->isShort($m['heading'][0]))) {
            return false;
        }
        $isNumbered = '' !== $m['number'][0];
        if (!$isNumbered && ($into->inParagraph() || !$spot->afterBlank)) {
            return false;
        }
        if (1 === preg_match(self::CLAUSE, $m['number'][0]) && FactKind::PageRefusal->value === $into->asked()->topic) {
            return false;
        }
        $topic = $isCounted ? $this->cues->topic($m['heading'][0]) : $this->cues->topics->ofLabel(preg_replace(self::OPENING, '', $m['heading'][0]) ?? $m['heading'][0]);
        if (null === $topic || (FactKind::PageRequest->value !== $topic && $this->isFirstOfPages($m['heading'][0], $m['text'][0]))) {
            return false;
        }
        $into->close();
        $into->under(Asked::byLabel($topic)->answeredBehind());
        $into->answerInLine($spot->start + (int) $m['text'][1], $m['text'][0], $topic);

        return true;
    }

    /** "Menus. Parties. About.": a name like those behind it, and no heading over them. */
    private function isFirstOfPages(string $heading, string $text): bool
    {
        return NamesOfPages::areListedIn(preg_replace(self::FULL_STOP, ', ', $heading.'. '.$text) ?? $text);
    }

    private function isShort(string $heading): bool
    {
        return 1 === preg_match(self::REFUSES, $heading) || str_word_count($heading) <= (1 === preg_match(self::LONGER, $heading) ? self::MOST_WORDS : LabelWords::MOST);
    }
}

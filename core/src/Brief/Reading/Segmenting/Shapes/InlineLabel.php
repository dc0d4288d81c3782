<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Segmenting\Asked;
use DunePocket\Brief\Reading\Segmenting\LabelWords;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;

/** "Pages - home, gallery", "pages i reckon: home, hire", "Tone: calm" inside a list or at the head of a paragraph. */
final readonly class InlineLabel implements Shape
{
    private const LABEL = '/^(?<label>\s*(?:no\. ?1 )?[\p{L}][\p{L}\s\'’\/&-]{1,40}?)(?:\s*:\s+|\s+(?:[–—=-]|\/\/|=>|->|→)\s+|\s*(?:\.{3,}|…)\s*)(?<value>\S.*)$/u';
    /** "Tone | calm", "Tone. Calm", "[Tone] calm", where every line is of that make. */
    private const LABEL_WHERE_ALL_ARE = '/^(?<label>\s*\[?[\p{L}][\p{L}\s\'’\/&-]{2,40}?)(?:\s*\|\s+(?!.*\|)|;\s+(?!.*;)|\.\s+(?!(?:\p{L}+ ?){1,3}\.\s)|\]\s*:?\s*)(?<value>\S.*)$/u';
    /** "Pages - 8 of them", above their list. */
    private const COUNT = '/^(?:about |around |just )?(?:\d{1,2}|two|three|four|five|six|seven|eight|nine|ten)(?: (?:of (?:them|these)|pages?|in all|max|or so|i think))?\W*$/iu';
    private const SENTENCE = '/\b(?:is|are|was)\b|(?<!nt )(?<!n[\'’]t )(?<!not )\bneed\b|[\'’](?:m|re|ve|ll|d)\b/iu';
    private const WORDS = 4;
    private const DASHES = 2;

    public function __construct(private LabelWords $words)
    {
    }

    public function take(Spot $spot, Segmentation $into): bool
    {
        return (!$into->inParagraph() || $into->form->labelled) && $this->write($spot->start, $spot->text, $into);
    }

    /** Whether the text begins with a label; it is written down then. */
    public function write(int $start, string $text, Segmentation $into): bool
    {
        $isLabelled = 1 === preg_match(self::LABEL, $text, $m, \PREG_OFFSET_CAPTURE)
            || ($into->form->labelled && 1 === preg_match(self::LABEL_WHERE_ALL_ARE, $text, $m, \PREG_OFFSET_CAPTURE));
        if (!$isLabelled || preg_match_all('/\s[-–—]\s/u', $text) > self::DASHES || substr_count($text, ' // ') > 1) {
            return false;
        }
        $label = trim($m['label'][0], ' [');
        $topic = str_word_count($label) <= self::WORDS ? $this->words->topic($label, $into, $m['value'][0]) : null;
        $isRefusedThing = FactKind::PageRefusal->value === $into->asked()->topic && !$this->words->areLabel($label);
        if (null === $topic || $isRefusedThing || $this->words->onlyLeadOn($label, $m['value'][0]) || (1 === preg_match(self::SENTENCE, $label) && !$this->words->areLabel($label))) {
            return false;
        }
        $into->close();
        if ($this->words->sayMore($label)) {
            $into->add(BlockKind::Heading, $start, $label);
        }
        if (FactKind::PageRequest->value === $topic && 1 === preg_match(self::COUNT, $m['value'][0])) {
            $into->add(BlockKind::Answer, $start + (int) $m['value'][1], $m['value'][0], FactKind::PageCount->value);
            $into->under(Asked::byLabel($topic));

            return true;
        }
        $into->answer($start + (int) $m['value'][1], $m['value'][0], $topic);

        return true;
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\Reading\Segmenting\Asked;
use DunePocket\Brief\Reading\Segmenting\LabelWords;
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
    private const HEADING = '/^(?<number>\s*\d{1,2}[.)]\s+)?(?!An?\s)(?<heading>\p{L}[\p{L}\s&\/\'’-]{2,45})\.\s+(?<text>\p{L}.*)$/u';

    public function __construct(private Cues $cues)
    {
    }

    public function take(Spot $spot, Segmentation $into): bool
    {
        if ($into->designerJustAsked() || 1 !== preg_match(self::HEADING, $spot->text, $m, \PREG_OFFSET_CAPTURE) || !$this->isShort($m['heading'][0])) {
            return false;
        }
        $isNumbered = '' !== $m['number'][0];
        if (!$isNumbered && ($into->inParagraph() || !$spot->afterBlank)) {
            return false;
        }
        $topic = $this->cues->topics->ofLabel($m['heading'][0]);
        if (null === $topic) {
            return false;
        }
        $into->close();
        $into->under(Asked::byLabel($topic)->answeredBehind());
        $into->answerInLine($spot->start + (int) $m['text'][1], $m['text'][0], $topic);

        return true;
    }

    private function isShort(string $heading): bool
    {
        return str_word_count($heading) <= (1 === preg_match(self::LONGER, $heading) ? self::MOST_WORDS : LabelWords::MOST);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;
use DunePocket\Catalogue\Cues;

/** "Which pages do you want?,"Home, Prices"": a row of a form that was saved as comma-separated values (RFC 4180). */
final readonly class FormExport implements Shape
{
    public const ROW = '/^(?<asks>"[^"]{3,160}"|[^",]{3,160}),(?<answer>"(?:[^"]|"")*"|[^\s"][^"]*|)\s*$/u';

    public function __construct(private Cues $cues)
    {
    }

    public function take(Spot $spot, Segmentation $into): bool
    {
        if (!$into->form->exported || 1 !== preg_match(self::ROW, $spot->text, $m, \PREG_OFFSET_CAPTURE)) {
            return false;
        }
        $into->close();
        $into->forget();
        [$answer, $at] = [(string) $m['answer'][0], (int) $m['answer'][1]];
        $lead = str_starts_with($answer, '"') ? 1 : 0;
        $into->answer($spot->start + $at + $lead, substr($answer, $lead, \strlen($answer) - 2 * $lead), $into->topicOf(trim((string) $m['asks'][0], ' "?'), $this->cues));

        return true;
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;
use DunePocket\Catalogue\Cues;

/** "Describe your brand's personality", on a line of its own. */
final readonly class Request implements Shape
{
    private const REQUEST = '/^(?<lead>\s*(?:Q?\s*\d{1,2}\s*[.):]\s*)?)(?<asks>(?:please\s+)?(?:tell (?:us|me)|describe|list|name|explain|outline|give (?:us|me)|let (?:us|me) know|share|write down)\b[^.!?:]{3,120})[:.]?\s*$/iu';
    private const OF_THE_CLIENT = '/\b(?:you|your|the|any|all|three|main|yourself)\b/i';

    public function __construct(private Cues $cues)
    {
    }

    public function take(Spot $spot, Segmentation $into): bool
    {
        if ($into->inParagraph() || 1 !== preg_match(self::REQUEST, $spot->text, $m)) {
            return false;
        }
        $topic = $this->cues->topic($m['asks']);
        if (null === $topic || 1 !== preg_match(self::OF_THE_CLIENT, $m['asks'])) {
            return false;
        }
        $into->noteNumber($m['lead']);
        $into->ask(new Line($spot->start + \strlen($m['lead']), $m['asks']), $topic);

        return true;
    }
}

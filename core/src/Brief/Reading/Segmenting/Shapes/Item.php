<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Line;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;

/** "- nail trims", "2) nail trims", "(b) nail trims" */
final readonly class Item implements Shape
{
    private const ITEM = '/^(\s*(?:[-~*•–·‣◦▪●○→✓✔►]|\(?\d{1,2}[.)\/]|\d{1,2}(?:\.\d{1,2}){1,2}\.?|\(?[a-z]\))\s+)(\S.*)$/u';

    public function __construct(private InlineLabel $label)
    {
    }

    public function take(Spot $spot, Segmentation $into): bool
    {
        if (1 !== preg_match(self::ITEM, $spot->text, $m)) {
            return false;
        }
        $this->write($spot->start + \strlen($m[1]), $m[2], $into);
        $into->countItems((int) trim($m[1], ' ('));

        return true;
    }

    /** A line that stands in a list whether it carries a mark or not. */
    public function listed(Line $line, Segmentation $into): void
    {
        $lead = 1 === preg_match(self::ITEM, $line->text, $m) ? \strlen($m[1]) : 0;
        $this->write($line->start + $lead, substr($line->text, $lead), $into);
    }

    /** One item of a list, without its mark. */
    public function write(int $start, string $text, Segmentation $into): void
    {
        $into->close();
        if (!$this->label->write($start, $text, $into)) {
            $into->addWithLabels(BlockKind::Item, $start, $text, $into->asked()->topic);
        }
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading\Segmenting\Shapes;

use DunePocket\Brief\FactKind;
use DunePocket\Brief\Reading\BlockKind;
use DunePocket\Brief\Reading\Segmenting\Asked;
use DunePocket\Brief\Reading\Segmenting\Segmentation;
use DunePocket\Brief\Reading\Segmenting\Shape;
use DunePocket\Brief\Reading\Segmenting\Spot;
use DunePocket\Catalogue\Cues;

/**
 * "| Pages | Home, Prices |": the first cell asks, the second answers. Where the heading or the head of the table asks
 * for a list, "| Service | Price |", each row is one thing of it; what has a price or a length is offered.
 */
final readonly class TableRow implements Shape
{
    private const ROW = '/^\s*\|(?<first>[^|]*)\|(?<others>.*?)\|?\s*$/u';
    private const RULE = '/^[\s|:\-]*$/';

    /** What a table may list. */
    private const LISTED = ['offering', 'page_request', 'page_refusal', 'feature', 'audience', 'avoid_word', 'keyphrase'];

    public function __construct(private Cues $cues)
    {
    }

    public function take(Spot $spot, Segmentation $into): bool
    {
        if (1 !== preg_match(self::ROW, $spot->text, $m, \PREG_OFFSET_CAPTURE)) {
            return false;
        }
        $into->close();
        $topic = $this->cues->topic(trim($m['first'][0], ' *'));
        if (1 === preg_match(self::RULE, $spot->text)) {
            return true;
        }
        if (str_contains($spot->next, '-') && 1 === preg_match(self::RULE, $spot->next)) {
            $this->head($topic ?? (1 === preg_match($this->cues->termsHead, $m['others'][0]) ? FactKind::Offering->value : null), $into);
        } elseif ($this->lists($into->asked()->topic) && (null === $topic || $into->asked()->byLabel)) {
            $this->thing($spot->start, $m['first'], $m['others'], (string) $into->asked()->topic, $into);
        } else {
            $into->forget();
            $into->add(BlockKind::Answer, $spot->start + $m['others'][1], $m['others'][0], $topic);
        }

        return true;
    }

    private function lists(?string $topic): bool
    {
        return \in_array($topic, self::LISTED, true);
    }

    private function head(?string $topic, Segmentation $into): void
    {
        if ($this->lists($topic)) {
            $into->under(Asked::byLabel($topic));
        } elseif (!$this->lists($into->asked()->topic)) {
            $into->forget();
        }
    }

    /**
     * What is said of something offered belongs to it; what is said of a page is what it has.
     *
     * @param array{string, int} $first  cell, with where it begins in the line, in bytes
     * @param array{string, int} $others cells
     */
    private function thing(int $start, array $first, array $others, string $topic, Segmentation $into): void
    {
        if (FactKind::Offering->value === $topic) {
            $into->add(BlockKind::Item, $start + $first[1], $first[0].'|'.$others[0], $topic);

            return;
        }
        $into->add(BlockKind::Item, $start + $first[1], $first[0], $topic);
        $into->add(BlockKind::Paragraph, $start + $others[1], $others[0], FactKind::PageRequest->value === $topic ? FactKind::Feature->value : null);
    }
}

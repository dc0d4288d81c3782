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
 * for a list, "| Service | Price |", each row is one thing of it; what has a price or a length is offered, and a cell
 * that is a plain no refuses what the row is about. Rows of a sheet, "Page ⇥ Wanted? ⇥ Notes", are read the same way.
 */
final readonly class TableRow implements Shape
{
    private const ROW = '/^\s*\|(?<first>[^|]*)\|(?<others>.*?)\|?\s*$/u';
    private const ROW_OF_SHEET = '/^(?<first>[^\t]*)\t(?<others>.*)$/u';
    private const RULE = '/^[\s|:\-]*$/';
    private const CELL = '/[^|\t]+/u';

    /** What a table may list. */
    private const LISTED = ['offering', 'page_request', 'page_refusal', 'feature', 'audience', 'avoid_word', 'keyphrase'];

    public function __construct(private Cues $cues)
    {
    }

    public function take(Spot $spot, Segmentation $into): bool
    {
        $isOfSheet = isset($into->form->sheets[$spot->start]);
        if (1 !== preg_match($isOfSheet ? self::ROW_OF_SHEET : self::ROW, $spot->text, $m, \PREG_OFFSET_CAPTURE)) {
            return false;
        }
        $into->close();
        $topic = $this->cues->topic(trim($m['first'][0], ' *'));
        if (!$isOfSheet && 1 === preg_match(self::RULE, $spot->text)) {
            return true;
        }
        if ($isOfSheet ? $into->form->sheets[$spot->start] : $this->isHead($spot)) {
            $this->head($topic ?? (1 === preg_match($this->cues->termsHead, $m['others'][0]) ? FactKind::Offering->value : null), $into);
        } elseif ($this->lists($into->asked()->topic) && (null === $topic || $into->asked()->byLabel)) {
            $this->thing($spot->start, $m['first'], $m['others'], (string) $into->asked()->topic, $into);
        } else {
            $into->forget();
            $into->add(BlockKind::Answer, $spot->start + $m['others'][1], $m['others'][0], $topic);
        }

        return true;
    }

    private function isHead(Spot $spot): bool
    {
        return str_contains($spot->next, '-') && 1 === preg_match(self::RULE, $spot->next);
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
        if ($this->isRefusedIn($others[0])) {
            $into->add(BlockKind::Item, $start + $first[1], $first[0], FactKind::PageRefusal->value);
        } elseif (FactKind::Offering->value === $topic) {
            $into->add(BlockKind::Item, $start + $first[1], $first[0].'|'.$others[0], $topic);
        } else {
            $into->add(BlockKind::Item, $start + $first[1], $first[0], $topic);
            $this->said($start + $others[1], $others[0], FactKind::PageRequest->value === $topic ? $this->whatPageHas($first[0]) : null, $into);
        }
    }

    /** "| Job board | no | agencies do that |" */
    private function isRefusedIn(string $others): bool
    {
        preg_match_all(self::CELL, $others, $cells);

        return \in_array(false, array_map(fn (string $cell): ?bool => $this->cues->answers->ofCell(trim($cell)), $cells[0]), true);
    }

    private function whatPageHas(string $page): string
    {
        return (FactKind::Offering->value === $this->cues->topics->ofLabel(trim($page)) ? FactKind::Offering : FactKind::Feature)->value;
    }

    /** The cells behind the first, each for itself; "yes" says no more than the row does. */
    private function said(int $start, string $others, ?string $topic, Segmentation $into): void
    {
        preg_match_all(self::CELL, $others, $cells, \PREG_OFFSET_CAPTURE);
        foreach ($cells[0] as [$cell, $at]) {
            if (null === $this->cues->answers->ofCell(trim($cell))) {
                $into->add(BlockKind::Paragraph, $start + $at, $cell, $topic);
            }
        }
    }
}

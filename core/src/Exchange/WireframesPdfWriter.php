<?php

declare(strict_types=1);

namespace DunePocket\Exchange;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Page;
use DunePocket\Plan\Plan;
use DunePocket\Project\Project;
use DunePocket\Wireframe\Draughtsman;
use DunePocket\Wireframe\Drawing;
use DunePocket\Wireframe\SheetColumns;
use DunePocket\Wireframe\Viewport;

/** The wireframes to print: each page at desktop width and, in columns, at phone width, on upright sheets of A4. */
final readonly class WireframesPdfWriter implements ExportFormat
{
    /** Millimetres; the sheet is A4 of ISO 216, 210 by 297. */
    private const MARGIN = 10.0;
    private const HEAD = 9.0;
    private const ACROSS = 190.0;
    private const DOWN = 268.0;
    private const GAP = 7.8;

    private Draughtsman $draughtsman;

    public function __construct(Catalogue $catalogue)
    {
        $this->draughtsman = new Draughtsman($catalogue);
    }

    public function name(): string
    {
        return 'wireframes-pdf';
    }

    public function label(): string
    {
        return 'Wireframes to print';
    }

    public function describe(): string
    {
        return 'Every page at desktop and phone width on sheets of A4, to print or to write on.';
    }

    public function mediaType(): string
    {
        return 'application/pdf';
    }

    public function extension(): string
    {
        return '.pdf';
    }

    public function write(Project $project, string $address): string
    {
        $pdf = Sheet::document('P', 'A4', 'Wireframes of '.$project->name);
        $pdf->setCellPadding(0);
        $scale = self::ACROSS / Viewport::Desktop->width();
        $painter = new PdfPainter($pdf, $scale);
        foreach ($project->plan->pages as $page) {
            foreach ([Viewport::Desktop, Viewport::Phone] as $viewport) {
                $this->page($pdf, $painter, $scale, $project, $page, $viewport);
            }
        }

        return $pdf->Output('', 'S');
    }

    private function page(\TCPDF $pdf, PdfPainter $painter, float $scale, Project $project, Page $page, Viewport $viewport): void
    {
        $width = $viewport->width() * $scale;
        $columns = (int) floor((self::ACROSS + self::GAP) / ($width + self::GAP));
        $sheet = -1;
        foreach ((new SheetColumns(self::DOWN / $scale))->flow($this->drawings($project->plan, $page, $viewport)) as $piece) {
            if (intdiv($piece->column, $columns) > $sheet) {
                ++$sheet;
                $pdf->AddPage();
                $this->head($pdf, $project, $page, $viewport, $sheet);
            }
            $painter->paint($piece, self::MARGIN + ($piece->column % $columns) * ($width + self::GAP), self::MARGIN + self::HEAD + $piece->top * $scale);
        }
    }

    /** @return list<Drawing> */
    private function drawings(Plan $plan, Page $page, Viewport $viewport): array
    {
        return array_map(fn ($section): Drawing => $this->draughtsman->drawing($plan->resolve($section), $viewport), $page->sections());
    }

    private function head(\TCPDF $pdf, Project $project, Page $page, Viewport $viewport, int $sheet): void
    {
        if (0 === $sheet) {
            $pdf->Bookmark(\sprintf('%s, %s', $page->title, $viewport->value));
        }
        $pdf->setTextColor(46, 42, 36);
        $pdf->setFont('dejavusans', 'B', 9);
        $pdf->setXY(self::MARGIN, self::MARGIN - 1);
        $pdf->Cell(self::ACROSS / 2, 0, $page->title.'  '.$project->plan->path($page), 0, 0, 'L', false, '', 1);
        $pdf->setFont('dejavusans', '', 7.5);
        $pdf->Cell(self::ACROSS / 2, 0, \sprintf('%s · %s, %d px%s', $project->name, $viewport->value, $viewport->width(), $sheet > 0 ? ', continued' : ''), 0, 0, 'R', false, '', 1);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Exchange;

use DunePocket\Catalogue\PageKinds;
use DunePocket\Plan\Navigation;
use DunePocket\Project\Project;
use DunePocket\Sitemap\Diagram;
use DunePocket\Sitemap\PageBox;
use DunePocket\Sitemap\Surveyor;

/** The diagram of the hierarchy on one landscape sheet: A4, or A3 when A4 would be too small to read. */
final readonly class SitemapPdfWriter implements ExportFormat
{
    /** Millimetres, ISO 216. */
    private const SHEETS = ['A4' => [297.0, 210.0], 'A3' => [420.0, 297.0]];
    private const MARGIN = 8.0;
    private const HEAD = 12.0;
    /** Millimetres a pixel, under which titles would be smaller than about 6 points. */
    private const SMALLEST = 0.165;
    private const LARGEST = 0.32;
    private const POINTS = 2.8346;
    private const FONT = 'dejavusans';

    private Surveyor $surveyor;

    public function __construct(PageKinds $kinds)
    {
        $this->surveyor = new Surveyor($kinds);
    }

    public function name(): string
    {
        return 'sitemap-pdf';
    }

    public function label(): string
    {
        return 'Sitemap on one sheet';
    }

    public function describe(): string
    {
        return 'The hierarchy of all pages on one sheet of A4 or A3, to print or to send.';
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
        $diagram = $this->surveyor->diagram($project->plan);
        $sheet = self::scale($diagram, 'A4') < self::SMALLEST ? 'A3' : 'A4';
        $scale = self::scale($diagram, $sheet);
        $pdf = Sheet::document('L', $sheet, 'Sitemap of '.$project->name);
        $pdf->AddPage();
        $pdf->setFont(self::FONT, 'B', 12);
        $pdf->Text(self::MARGIN, self::MARGIN - 2, $project->name);
        $this->draw($pdf, $diagram, $scale);

        return $pdf->Output('', 'S');
    }

    private static function scale(Diagram $diagram, string $sheet): float
    {
        [$width, $height] = self::SHEETS[$sheet];

        return min(self::LARGEST, ($width - 2 * self::MARGIN) / $diagram->width, ($height - 2 * self::MARGIN - self::HEAD) / $diagram->height);
    }

    private function draw(\TCPDF $pdf, Diagram $diagram, float $scale): void
    {
        $x = static fn (float $at): float => self::MARGIN + $at * $scale;
        $y = static fn (float $at): float => self::MARGIN + self::HEAD + $at * $scale;
        $pdf->setLineStyle(['width' => 0.2, 'color' => [140, 130, 114]]);
        foreach ($diagram->lines as [$x1, $y1, $x2, $y2]) {
            $pdf->Line($x($x1), $y($y1), $x($x2), $y($y2));
        }
        $pdf->setFont(self::FONT, 'B', 12 * $scale * self::POINTS);
        foreach ($diagram->words as [$left, $base, $text]) {
            $pdf->Text($x($left) - 1, $y($base - 12), $text);
        }
        foreach ($diagram->boxes as $box) {
            $this->box($pdf, $box, $x($box->x), $y($box->y), $scale);
        }
    }

    private function box(\TCPDF $pdf, PageBox $box, float $x, float $y, float $scale): void
    {
        [$width, $height] = [$box->width * $scale, PageBox::HEIGHT * $scale];
        $line = ['width' => 0.25, 'color' => [74, 68, 59], 'dash' => $box->supports ? '1.2,0.9' : 0];
        if ($box->repeats) {
            $pdf->Rect($x + 4 * $scale, $y - 4 * $scale, $width, $height, 'DF', ['all' => $line], [255, 253, 248]);
        }
        $pdf->Rect($x, $y, $width, $height, 'DF', ['all' => $line], '/' === $box->path ? [244, 237, 224] : [255, 253, 248]);
        if (Navigation::None !== $box->navigation) {
            $pdf->Rect($x, Navigation::Main === $box->navigation ? $y : $y + $height - 3 * $scale, $width, 3 * $scale, 'F', [], [74, 68, 59]);
        }
        $pdf->setFont(self::FONT, 'B', 10.5 * $scale * self::POINTS);
        $two = \count($box->lines) > 1;
        foreach ($box->lines as $i => $text) {
            $this->line($pdf, $x, $y + (($two ? 4 : 8) + $i * 13) * $scale, $width, $text);
        }
        $pdf->setFont(self::FONT, '', 7.5 * $scale * self::POINTS);
        $this->line($pdf, $x, $y + ($two ? 31 : 26) * $scale, $width, $box->path);
    }

    /** One line of text, stretched no wider than its box. */
    private function line(\TCPDF $pdf, float $x, float $y, float $width, string $text): void
    {
        $pdf->setXY($x + 0.6, $y);
        $pdf->Cell($width - 1.2, 0, $text, 0, 0, 'L', false, '', 1, true, 'T', 'T');
    }
}

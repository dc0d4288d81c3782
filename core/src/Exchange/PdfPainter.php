<?php

declare(strict_types=1);

namespace DunePocket\Exchange;

use DunePocket\Wireframe\SheetPiece;
use DunePocket\Wireframe\SvgWriter;
use DunePocket\Wireframe\TextRun;

/** Paints drawings on a sheet: the shapes as the SVG has them, the texts as text of exactly the measured width. */
final readonly class PdfPainter
{
    private const FONT = 'dejavusanscondensed';
    private const POINTS = 2.8346;

    private SvgWriter $writer;

    /** @param float $scale millimetres a pixel */
    public function __construct(private \TCPDF $pdf, private float $scale)
    {
        $this->writer = new SvgWriter();
    }

    /** @param float $x and $y: millimetres from the upper left corner of the sheet */
    public function paint(SheetPiece $piece, float $x, float $y): void
    {
        $drawing = $piece->drawing;
        [$width, $top] = [$drawing->width * $this->scale, $y - $piece->from * $this->scale];
        $this->pdf->StartTransform();
        $this->pdf->Rect($x, $y, $width, $piece->height * $this->scale, 'CNZ');
        $this->pdf->ImageSVG('@'.$this->writer->ground($drawing), $x, $top, $width, $drawing->height * $this->scale);
        foreach ($drawing->shapes as $shape) {
            if ($shape instanceof TextRun && $shape->y > $piece->from && $shape->y - $shape->size < $piece->from + $piece->height) {
                $this->text($shape, $x, $top);
            }
        }
        $this->pdf->StopTransform();
    }

    private function text(TextRun $run, float $x, float $y): void
    {
        if ('' === trim($run->text)) {
            return;
        }
        $colour = SvgWriter::COLOURS[$run->colour] ?? SvgWriter::COLOURS['ink'];
        [$red, $green, $blue] = [(int) hexdec(substr($colour, 1, 2)), (int) hexdec(substr($colour, 3, 2)), (int) hexdec(substr($colour, 5, 2))];
        $this->pdf->setTextColor($red, $green, $blue);
        $this->pdf->setFont(self::FONT, $run->weight > 500 ? 'B' : '', $run->size * $this->scale * self::POINTS);
        $this->pdf->setXY($x + $run->x * $this->scale, $y + $run->y * $this->scale);
        $this->pdf->Cell($run->width * $this->scale, 0, $run->text, 0, 0, 'L', false, '', 2, true, 'L', 'T');
        if ($run->underlined) {
            $this->pdf->Rect($x + $run->x * $this->scale, $y + ($run->y + 3) * $this->scale, $run->width * $this->scale, $this->scale, 'F', [], [$red, $green, $blue]);
        }
    }
}

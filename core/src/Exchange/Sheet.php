<?php

declare(strict_types=1);

namespace DunePocket\Exchange;

/** An empty document of sheets in the product's hand: no header, no footer, nothing breaks by itself. */
final class Sheet
{
    /**
     * @param string $orientation P or L
     * @param string $size        of ISO 216: A4, A3
     */
    public static function document(string $orientation, string $size, string $title): \TCPDF
    {
        $pdf = new \TCPDF($orientation, 'mm', $size, true, 'UTF-8', false);
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        $pdf->setAutoPageBreak(false);
        $pdf->setCreator('Dune Pocket');
        $pdf->setTitle($title);
        $pdf->setFontSubsetting(true);

        return $pdf;
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\App\Tests\Sources;

use DunePocket\App\Sources\ConvertedText;
use DunePocket\App\Sources\Pdf\Layout;
use DunePocket\Brief\InvalidBrief;
use PHPUnit\Framework\TestCase;

/** PDFs are written by TCPDF and read by poppler. */
final class PdfTest extends TestCase
{
    public function testHeadingsParagraphsAndTablesAreTold(): void
    {
        $text = self::text('<h2>Tern Island Ferries</h2><p>We’ve run ferries since 1998 – “no frills”, from £18.</p><br><table><tr><td>What do you offer?</td><td>day trips<br>seal cruises</td></tr><tr><td>Who is it for?</td><td>families</td></tr></table>');
        self::assertStringStartsWith("## Tern Island Ferries\n\nWe’ve run ferries since 1998 – “no frills”, from £18.\n\n**What do you offer?**\n\nday trips\nseal cruises\n\n**Who is it for?**\n\nfamilies\n", $text);
    }

    public function testARowOfOneLineEachStaysARow(): void
    {
        self::assertStringContainsString("| Gallery | yes |\n| Blog | no |", self::text('<p>Parts</p><table><tr><td>Gallery</td><td>yes</td></tr><tr><td>Blog</td><td>no</td></tr></table>'));
    }

    public function testWhatForbidsPrintingAloneIsRead(): void
    {
        self::assertStringContainsString('We make ropes.', self::text('<p>We make ropes.</p>', ''));
    }

    public function testAPasswordIsSaid(): void
    {
        $this->expectException(InvalidBrief::class);
        $this->expectExceptionMessage('locked with a password');
        self::text('<p>We make ropes.</p>', 'secret');
    }

    public function testPicturesOfTextAreSaid(): void
    {
        $this->expectException(InvalidBrief::class);
        $this->expectExceptionMessage('pictures of text');
        self::text('');
    }

    public function testCellsInTheMiddleOfTheirRowsListsAndPageNumbers(): void
    {
        $line = static fn (int $top, int $left, string $text, int $font = 0): string => \sprintf('<text top="%d" left="%d" width="%d" height="20" font="%d">%s</text>', $top, $left, 9 * mb_strlen($text), $font, $text);
        $page = $line(50, 50, 'The form', 1)
            .$line(110, 300, 'Ferries, every day').$line(122, 50, 'What do you do?').$line(134, 300, 'from April on')
            .$line(180, 50, 'Pages').$line(180, 300, 'Home')
            .$line(240, 50, "\u{F0B7} o\u{FB00}er by e-mail").$line(262, 50, '<b>No blog</b>')
            .$line(900, 400, 'Page 1 of 2');
        self::assertSame("## The form\n\n**What do you do?**\n\nFerries, every day\nfrom April on\n\n**Pages**\n\nHome\n\n- offer by e-mail\n**No blog**\n", Layout::toText('<pdf2xml><page><fontspec id="0" size="16"/><fontspec id="1" size="24"/>'.$page.'</page></pdf2xml>'));
    }

    private static function text(string $page, ?string $password = null): string
    {
        $pdf = new \TCPDF();
        $pdf->setPrintHeader(false);
        $pdf->setPrintFooter(false);
        if (null !== $password) {
            $pdf->SetProtection(['print'], $password, 'owner');
        }
        $pdf->AddPage();
        $pdf->SetFont('dejavusans', '', 11);
        '' === $page ? $pdf->Rect(10, 10, 50, 50) : $pdf->writeHTML($page);
        $bytes = $pdf->Output('', 'S');
        self::assertIsString($bytes);

        return (new ConvertedText())->of($bytes, 'pdf');
    }
}

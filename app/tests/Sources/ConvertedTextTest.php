<?php

declare(strict_types=1);

namespace DunePocket\App\Tests\Sources;

use DunePocket\App\Sources\ConvertedText;
use DunePocket\Brief\InvalidBrief;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Word-processor files are written by pandoc from the same page, so that nothing in them was made for our reader. */
final class ConvertedTextTest extends TestCase
{
    private const FORM = '<h1>Questionnaire</h1><table><tr><td><p><b>What do you offer?</b></p></td><td><p>Three things:</p><ul><li>day trips</li><li>seal cruises, £18</li></ul></td></tr><tr><td><p>Which pages?</p></td><td><p>Home</p><p>Trips &amp; times</p></td></tr><tr><td colspan="2"><p>No blog.</p></td></tr></table>';

    /** @return iterable<string, array{string}> */
    public static function formats(): iterable
    {
        yield 'html' => ['html'];
        yield 'docx' => ['docx'];
        yield 'odt' => ['odt'];
    }

    #[DataProvider('formats')]
    public function testATableWhoseCellsHoldListsIsToldRowByRow(string $format): void
    {
        $text = self::text(self::FORM, $format);
        self::assertMatchesRegularExpression('/\*\*What do you offer\?\*\*\s+Three things:\s+(?:-\s+)?day trips\s+(?:-\s+)?seal cruises, £18\s+\*\*Which pages\?\*\*\s+Home\s+Trips & times\s+No blog\./u', $text);
    }

    #[DataProvider('formats')]
    public function testATableOfLinesStaysOne(string $format): void
    {
        self::assertMatchesRegularExpression('/^\|\s*Gallery\s*\|\s*yes\s*\|$/m', self::text('<table><tr><th>Part</th><th>Wanted</th></tr><tr><td>Gallery</td><td>yes</td></tr><tr><td>Blog</td><td>no</td></tr></table>', $format));
    }

    #[DataProvider('formats')]
    public function testOfALinkStaysWhatSomebodyCouldOpenOrWriteTo(string $format): void
    {
        $text = self::text('<p>We are on <a href="https://www.instagram.com/ternferries">Instagram</a>, or <a href="mailto:hello@tern.example?subject=Hi">write</a>, see <a href="#times">times</a> and <a href="https://tern.example/">tern.example</a>.</p>', $format);
        self::assertSame('We are on Instagram (https://www.instagram.com/ternferries), or write (hello@tern.example), see times and tern.example.', trim($text));
    }

    public function testNothingOfAPageIsExecutedOrFetched(): void
    {
        $text = self::text('<html><head><title>Ropes</title><script>alert("steal")</script><style>b{}</style></head><body onload="alert(1)"><div><p>We <b>make</b> ropes.<img src="x" onerror="alert(2)"><a href="javascript:alert(3)">By hand.</a></p></div><iframe src="file:///etc/hostname"></iframe></body></html>', 'html');
        self::assertSame('We **make** ropes.By hand.', trim($text));
    }

    public function testALockedArchiveIsSaid(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'locked');
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::OVERWRITE);
        $zip->addFromString('index.html', '<h1>Ropes</h1>');
        $zip->setEncryptionName('index.html', \ZipArchive::EM_AES_256, 'secret');
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);
        $this->expectException(InvalidBrief::class);
        $this->expectExceptionMessage('locked with a password');
        (new ConvertedText())->of($bytes, 'zip');
    }

    public function testTheAddressesOfASitemapAreKeptWithThePagesSavedBeside(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'site');
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::OVERWRITE);
        $zip->addFromString('about.html', '<title>About us</title><body>Ropes</body>');
        $zip->addFromString('sitemap.xml', '<urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9"><url><loc>https://ropes.example/</loc></url><url><loc>https://ropes.example/about</loc></url></urlset>');
        $zip->close();
        $bytes = (string) file_get_contents($path);
        unlink($path);
        self::assertStringContainsString("https://ropes.example/\nhttps://ropes.example/about – About us (1 words)", (new ConvertedText())->of($bytes, 'zip'));
    }

    private static function text(string $page, string $format): string
    {
        return (new ConvertedText())->of('html' === $format ? $page : self::written($page, $format), $format);
    }

    private static function written(string $page, string $format): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'written');
        (new Process(['pandoc', '--from', 'html', '--to', $format, '--output', $path]))->setInput($page)->mustRun();
        $bytes = (string) file_get_contents($path);
        unlink($path);

        return $bytes;
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Tests\Wireframe;

use DunePocket\Exchange\Formats;
use DunePocket\Tests\Support\Bench;
use DunePocket\Wireframe\Draughtsman;
use DunePocket\Wireframe\Drawing;
use DunePocket\Wireframe\Media;
use DunePocket\Wireframe\SheetColumns;
use DunePocket\Wireframe\SheetPiece;
use DunePocket\Wireframe\TextRun;
use DunePocket\Wireframe\Viewport;
use PHPUnit\Framework\TestCase;
use Smalot\PdfParser\Parser;

final class SheetColumnsTest extends TestCase
{
    public function testWhatFitsStaysWholeAndWhatDoesNotBeginsAnotherColumn(): void
    {
        $columns = (new SheetColumns(100))->flow([self::drawing(60), self::drawing(40), self::drawing(30)]);

        self::assertSame([[0, 0.0, 0.0, 60.0], [0, 60.0, 0.0, 40.0], [1, 0.0, 0.0, 30.0]], array_map(self::place(...), $columns));
    }

    public function testATallDrawingIsPartedAboveTheLineOrPictureThatWouldBeCut(): void
    {
        $line = new TextRun('A line', 0, 104, 50, 20, 400, 'ink');
        $picture = new Media('picture', 0, 150, 50, 40);
        $columns = (new SheetColumns(100))->flow([self::drawing(230, [$line, $picture]), self::drawing(20)]);

        self::assertSame([[0, 0.0, 0.0, 84.0], [1, 0.0, 84.0, 66.0], [2, 0.0, 150.0, 80.0], [2, 80.0, 0.0, 20.0]], array_map(self::place(...), $columns));
    }

    public function testAPictureTallerThanAColumnIsCut(): void
    {
        $columns = (new SheetColumns(100))->flow([self::drawing(150, [new Media('picture', 0, 0, 50, 150)])]);

        self::assertSame([[0, 0.0, 0.0, 100.0], [1, 0.0, 100.0, 50.0]], array_map(self::place(...), $columns));
    }

    public function testTheSheetsCarryEveryTextOfThePages(): void
    {
        $project = Bench::planned(Bench::text('list.txt'));
        $pdf = (new Parser())->parseContent((new Formats(Bench::catalogue()))->get('wireframes-pdf')->write($project, ''));
        $text = $pdf->getText();

        self::assertGreaterThanOrEqual(2 * \count($project->plan->pages), \count($pdf->getPages()));
        foreach ($project->plan->pages as $page) {
            self::assertStringContainsString($page->title.'  '.$project->plan->path($page), $text);
            foreach ($page->sections() as $section) {
                foreach ((new Draughtsman(Bench::catalogue()))->drawing($project->plan->resolve($section), Viewport::Phone)->shapes as $shape) {
                    self::assertStringContainsString($shape instanceof TextRun ? $shape->text : '', $text);
                }
            }
        }
    }

    /** @return array{int, float, float, float} */
    private static function place(SheetPiece $piece): array
    {
        return [$piece->column, $piece->top, $piece->from, $piece->height];
    }

    /** @param list<TextRun|Media> $shapes */
    private static function drawing(float $height, array $shapes = []): Drawing
    {
        return new Drawing(100, $height, $shapes, []);
    }
}

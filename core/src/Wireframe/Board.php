<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

/** Many pages on one sheet, each in a row of its widths. Groups carry the names of page, width and section. */
final readonly class Board
{
    private const GAP = 80;
    private const TITLE = 60;

    private SvgWriter $writer;

    public function __construct()
    {
        $this->writer = new SvgWriter();
    }

    /** @param list<BoardPage> $pages */
    public function svg(string $title, array $pages): string
    {
        $y = (float) self::GAP;
        $inside = '';
        foreach ($pages as $page) {
            $inside .= $this->page($page, $y);
            $y += self::TITLE + $page->height() + self::GAP;
        }
        $width = array_sum(array_map(static fn (Viewport $viewport): int => $viewport->width(), Viewport::cases())) + 4 * self::GAP;

        return \sprintf('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d" font-family="%s, sans-serif" style="font-kerning:normal;font-variant-ligatures:none"><title>%s</title><rect width="100%%" height="100%%" fill="#FBF7EE"/>%s</svg>', $width, (int) ceil($y), FontMetrics::FAMILY, self::text("Wireframes of $title"), $inside)."\n";
    }

    private function page(BoardPage $page, float $y): string
    {
        $x = self::GAP;
        $inside = \sprintf('<text x="%d" y="%s" font-size="28" font-weight="700" fill="#2E2A24">%s</text>', $x, SvgWriter::number($y + 28), self::text($page->title.'  '.$page->path));
        foreach (Viewport::cases() as $viewport) {
            $top = $y + self::TITLE;
            $sections = '';
            foreach ($page->widths[$viewport->value] ?? [] as [$title, $drawing]) {
                $sections .= \sprintf('<g aria-label="%s" transform="translate(0 %s)">%s</g>', self::text($title), SvgWriter::number($top - $y - self::TITLE), $this->writer->shapes($drawing));
                $top += $drawing->height;
            }
            $inside .= \sprintf('<g id="%s-%s" aria-label="%s" transform="translate(%d %s)">%s</g>', self::text($page->id), $viewport->value, $viewport->value, $x, SvgWriter::number($y + self::TITLE), $sections);
            $x += $viewport->width() + self::GAP;
        }

        return \sprintf('<g id="%s" aria-label="%s">%s</g>', self::text($page->id), self::text($page->title), $inside);
    }

    private static function text(string $text): string
    {
        return htmlspecialchars($text, \ENT_XML1 | \ENT_QUOTES);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Sitemap;

use DunePocket\Plan\Navigation;
use DunePocket\Wireframe\FontMetrics;

/** Paints the diagram as SVG, text as text; what kind of page it is shows in the shape, never in the colour alone. */
final class DiagramSvg
{
    private const LEGEND = 30.0;
    /** Width of a letter of the path, about. */
    private const LETTER = 5.6;

    public function paint(Diagram $diagram, string $title): string
    {
        $height = $diagram->height + self::LEGEND;
        $inside = '';
        foreach ($diagram->lines as [$x1, $y1, $x2, $y2]) {
            $inside .= \sprintf('<path d="M%s %s L%s %s" stroke="#8C8272" fill="none"/>', self::n($x1), self::n($y1), self::n($x2), self::n($y2));
        }
        foreach ($diagram->words as [$x, $y, $text]) {
            $inside .= self::text($x, $y, $text, 12, 600, '#6B6254');
        }
        foreach ($diagram->boxes as $box) {
            $inside .= $this->box($box);
        }

        return \sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %1$s %2$s" width="%1$s" height="%2$s" role="img" aria-label="%3$s" font-family="%4$s, sans-serif"><rect width="%1$s" height="%2$s" fill="#FFFDF8"/>%5$s%6$s</svg>',
            self::n($diagram->width),
            self::n($height),
            htmlspecialchars($title, \ENT_XML1 | \ENT_QUOTES),
            FontMetrics::FAMILY,
            $inside,
            $this->legend($diagram),
        );
    }

    private function box(PageBox $box): string
    {
        [$x, $y, $w, $h] = [$box->x, $box->y, $box->width, PageBox::HEIGHT];
        $dash = $box->supports ? ' stroke-dasharray="5 4"' : '';
        $paint = $box->repeats ? \sprintf('<rect x="%s" y="%s" width="%s" height="%s" fill="#FFFDF8" stroke="#4A443B"%s/>', self::n($x + 4), self::n($y - 4), self::n($w), self::n($h), $dash) : '';
        $paint .= \sprintf('<rect x="%s" y="%s" width="%s" height="%s" fill="%s" stroke="#4A443B"%s/>', self::n($x), self::n($y), self::n($w), self::n($h), '/' === $box->path ? '#F4EDE0' : '#FFFDF8', $dash);
        if (Navigation::None !== $box->navigation) {
            $edge = Navigation::Main === $box->navigation ? $y + 1.5 : $y + $h - 1.5;
            $paint .= \sprintf('<path d="M%s %s h%s" stroke="#4A443B" stroke-width="3"/>', self::n($x), self::n($edge), self::n($w));
        }
        $two = \count($box->lines) > 1;
        foreach ($box->lines as $i => $line) {
            $paint .= self::text($x + 9, $y + ($two ? 16 : 20) + $i * 13, $line, 13, 600, '#2E2A24');
        }
        $most = (int) ($w / self::LETTER);
        $path = mb_strlen($box->path) > $most ? '…'.mb_substr($box->path, -$most + 1) : $box->path;
        $paint .= self::text($x + 9, $y + ($two ? 41 : 36), $path, 9, 400, '#6B6254');

        return \sprintf('<g data-page="%s"><title>%s</title>%s</g>', htmlspecialchars($box->page, \ENT_XML1 | \ENT_QUOTES), htmlspecialchars(implode(' ', $box->lines).', '.$box->path, \ENT_XML1), $paint);
    }

    /** Only what the diagram shows. */
    private function legend(Diagram $diagram): string
    {
        $entries = [];
        $has = static fn (callable $is): bool => [] !== array_filter($diagram->boxes, $is);
        if ($has(static fn (PageBox $box): bool => Navigation::Main === $box->navigation)) {
            $entries[] = ['<path d="M0 -9 h22" stroke="#4A443B" stroke-width="3"/><rect y="-10" width="22" height="13" fill="none" stroke="#4A443B"/>', 'in the menu'];
        }
        if ($has(static fn (PageBox $box): bool => Navigation::Footer === $box->navigation)) {
            $entries[] = ['<path d="M0 2 h22" stroke="#4A443B" stroke-width="3"/><rect y="-10" width="22" height="13" fill="none" stroke="#4A443B"/>', 'in the footer'];
        }
        if ($has(static fn (PageBox $box): bool => $box->repeats)) {
            $entries[] = ['<rect x="4" y="-13" width="22" height="13" fill="#FFFDF8" stroke="#4A443B"/><rect y="-10" width="22" height="13" fill="#FFFDF8" stroke="#4A443B"/>', 'one design for many pages'];
        }
        if ($has(static fn (PageBox $box): bool => $box->supports)) {
            $entries[] = ['<rect y="-10" width="22" height="13" fill="#FFFDF8" stroke="#4A443B" stroke-dasharray="5 4"/>', 'legal or supporting'];
        }
        $paint = '';
        foreach ($entries as $i => [$mark, $words]) {
            $paint .= \sprintf('<g transform="translate(%s %s)">%s%s</g>', self::n(28 + ($i % 4) * 190), self::n($diagram->height + 8), $mark, self::text(34, 1, $words, 11, 400, '#6B6254'));
        }

        return $paint;
    }

    private static function text(float $x, float $y, string $text, int $size, int $weight, string $colour): string
    {
        return \sprintf('<text x="%s" y="%s" font-size="%d" font-weight="%d" fill="%s">%s</text>', self::n($x), self::n($y), $size, $weight, $colour, htmlspecialchars($text, \ENT_XML1));
    }

    private static function n(float $number): string
    {
        return rtrim(rtrim(number_format($number, 2, '.', ''), '0'), '.');
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

/** Paints drawings as SVG: whole, with their text, or as a thumbnail in which lines of text become bars. */
final class SvgWriter
{
    /** Of texts. */
    public const COLOURS = [
        'ink' => '#2E2A24', 'body' => '#4A443B', 'quiet' => '#6B6254', 'paper' => '#FFFDF8', 'rust' => '#9A3B1B',
    ];
    private const BOXES = [
        'ground-sand' => 'fill="#F6F0E4"', 'ground-dark' => 'fill="#4A443B"',
        'panel-paper' => 'fill="#FFFDF8" stroke="#CFC4AF"', 'panel-sand' => 'fill="#F4EDE0" stroke="#E2D7C3"', 'panel-dark' => 'fill="#4A443B"', 'panel-none' => 'fill="none" stroke="#B9AE9B"',
        'frame' => 'fill="#FFFDF8" stroke="#CFC4AF"', 'rule' => 'fill="#D8CDB9"', 'stroke' => 'fill="#4A443B"', 'stroke-on-dark' => 'fill="#FFFDF8"',
        'button' => 'fill="#4A443B" rx="3"', 'button-quiet' => 'fill="#FFFDF8" stroke="#4A443B" stroke-width="1.5" rx="3"',
        'button-on-dark' => 'fill="#FFFDF8" rx="3"', 'button-quiet-on-dark' => 'fill="none" stroke="#FFFDF8" stroke-width="1.5" rx="3"',
        'field' => 'fill="#FFFDF8" stroke="#B9AE9B" rx="2"', 'supply' => 'fill="#FFFDF8" stroke="#9A3B1B" stroke-dasharray="5 4"',
        'logo' => 'fill="#F4EDE0" stroke="#B9AE9B" rx="2"',
    ];
    private const BARS = ['ink' => '#4A443B', 'body' => '#A79C89', 'quiet' => '#BDB29E', 'paper' => '#FFFDF8', 'rust' => '#C98A70'];

    /** The inside of an SVG element at full size, text as text. */
    public function page(Drawing $drawing): string
    {
        return $this->document($drawing, $drawing->height, implode('', array_map($this->shape(...), $drawing->shapes)));
    }

    /** A drawing without its texts. */
    public function ground(Drawing $drawing): string
    {
        return $this->document($drawing, $drawing->height, implode('', array_map(fn (Shape $shape): string => $shape instanceof TextRun ? '' : $this->shape($shape), $drawing->shapes)));
    }

    /** What a drawing consists of, on paper, to stand in another SVG. */
    public function shapes(Drawing $drawing): string
    {
        return \sprintf('<rect width="%d" height="%s" fill="#FFFDF8"/>', $drawing->width, self::number($drawing->height)).implode('', array_map($this->shape(...), $drawing->shapes));
    }

    /** @param float $most the height at which a tall section is cut, in pixels of the drawing */
    public function thumbnail(Drawing $drawing, float $most = 720): string
    {
        $inside = '';
        foreach ($drawing->shapes as $shape) {
            if ($shape instanceof TextRun) {
                $height = $shape->weight > 500 ? max(18.0, $shape->size * 0.7) : 14.0;
                $inside .= \sprintf('<rect x="%s" y="%s" width="%s" height="%s" fill="%s"/>', self::number($shape->x), self::number($shape->y - $shape->size * 0.36 - $height / 2), self::number(max(8, $shape->width)), self::number($height), self::BARS[$shape->colour] ?? '#A79C89');
            } else {
                $inside .= $this->shape($shape);
            }
        }

        return $this->document($drawing, min($most, $drawing->height), $inside);
    }

    private function document(Drawing $drawing, float $height, string $inside): string
    {
        return \sprintf('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %s" font-family="%s, sans-serif" style="font-kerning:normal;font-variant-ligatures:none"><rect width="%d" height="%s" fill="#FFFDF8"/>%s</svg>', $drawing->width, self::number($height), FontMetrics::FAMILY, $drawing->width, self::number($height), $inside);
    }

    private function shape(Shape $shape): string
    {
        return match (true) {
            $shape instanceof Box => $this->box($shape),
            $shape instanceof Media => $this->media($shape),
            $shape instanceof TextRun => $this->text($shape),
            default => '',
        };
    }

    private function box(Box $box): string
    {
        if (\in_array($box->style, ['mark', 'mark-full'], true)) {
            return \sprintf('<circle cx="%s" cy="%s" r="%s" fill="'.('mark' === $box->style ? '#F4EDE0' : '#4A443B').'" stroke="#B9AE9B"/>', self::number($box->x + $box->width / 2), self::number($box->y + $box->height / 2), self::number($box->width / 2));
        }

        return \sprintf('<rect x="%s" y="%s" width="%s" height="%s" %s/>', self::number($box->x), self::number($box->y), self::number($box->width), self::number($box->height), self::BOXES[$box->style] ?? 'fill="none"');
    }

    private function text(TextRun $run): string
    {
        $colour = self::COLOURS[$run->colour] ?? self::COLOURS['ink'];
        $line = $run->underlined ? \sprintf('<rect x="%s" y="%s" width="%s" height="1" fill="%s"/>', self::number($run->x), self::number($run->y + 3), self::number($run->width), $colour) : '';

        return \sprintf('<text x="%s" y="%s" font-size="%d" font-weight="%d" fill="%s" xml:space="preserve">%s</text>', self::number($run->x), self::number($run->y), $run->size, $run->weight, $colour, htmlspecialchars($run->text, \ENT_XML1 | \ENT_QUOTES)).$line;
    }

    private function media(Media $media): string
    {
        [$x, $y, $w, $h] = [$media->x, $media->y, $media->width, $media->height];
        $frame = \sprintf('<rect x="%s" y="%s" width="%s" height="%s" fill="#F0E9DB" stroke="#B9AE9B" stroke-width="1.5"/>', self::number($x), self::number($y), self::number($w), self::number($h));
        $path = static fn (string $d): string => \sprintf('<path d="%s" fill="none" stroke="#B9AE9B" stroke-width="2"/>', $d);
        $at = static fn (float $fx, float $fy): string => self::number($x + $w * $fx).' '.self::number($y + $h * $fy);

        return match ($media->kind) {
            'map' => $frame.$path('M'.$at(0, .3).' C'.$at(.3, .38).' '.$at(.5, .2).' '.$at(1, .42)).$path('M'.$at(.28, 0).' C'.$at(.34, .4).' '.$at(.22, .6).' '.$at(.36, 1)).$path('M'.$at(0, .78).' L'.$at(1, .66)).\sprintf('<circle cx="%s" cy="%s" r="7" fill="#4A443B"/>', self::number($x + $w * .55), self::number($y + $h * .5)),
            'frame' => $frame.$path('M'.$at(0, .12).' L'.$at(1, .12)),
            default => $frame
                .$path('M'.$at(0, .62).' C'.$at(.22, .3).' '.$at(.4, .44).' '.$at(.58, .62).' S'.$at(.86, .5).' '.$at(1, .56))
                .$path('M'.$at(0, .8).' C'.$at(.2, .66).' '.$at(.46, .7).' '.$at(.66, .8).' S'.$at(.92, .74).' '.$at(1, .72))
                .('video' === $media->kind ? \sprintf('<path d="M%s l%s %s l-%s %s z" fill="#4A443B"/>', $at(.47, .4), self::number(min($w, $h) * .12), self::number(min($w, $h) * .07), self::number(min($w, $h) * .12), self::number(min($w, $h) * .07)) : ''),
        };
    }

    /** In as few digits as a drawing needs. */
    public static function number(float $number): string
    {
        return rtrim(rtrim(number_format($number, 1, '.', ''), '0'), '.');
    }
}

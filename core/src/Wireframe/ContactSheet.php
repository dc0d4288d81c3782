<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Catalogue\Layout;
use DunePocket\Wireframe\Html\Tag;

/** All layouts at three widths on one sheet, to be looked at as a whole. */
final readonly class ContactSheet
{
    /** How many pixels of the sheet a pixel of a drawing takes. */
    private const SCALE = 0.25;

    private const STYLE = <<<'CSS'
        body { margin: 24px; background: #FBF7EE; color: #2E2A24; font: 14px/1.4 Commissioner, sans-serif; }
        h1 { font-size: 20px; } h2 { margin: 28px 0 10px; font-size: 16px; border-top: 1px solid #B9AE9B; padding-top: 10px; }
        .layouts { display: grid; grid-template-columns: repeat(auto-fill, 640px); gap: 20px 28px; align-items: start; }
        figure { margin: 0; } figcaption { margin: 4px 0 0; font-size: 12.5px; color: #6B6254; }
        .widths { display: flex; gap: 8px; align-items: flex-start; } .widths svg { display: block; border: 1px solid #E2D7C3; }
        CSS;

    public function __construct(private Catalogue $catalogue, private Draughtsman $draughtsman)
    {
    }

    /** @param string $length of the made-up words: short, typical or long */
    public function html(string $length): string
    {
        $samples = new SampleCopy($this->catalogue);
        $parts = '';
        foreach ($this->catalogue->sectionKinds() as $kind) {
            $layouts = $this->catalogue->layoutsFor($kind->id);
            $figures = implode('', array_map(fn (Layout $layout): string => $this->figure($layout, $samples, $length), $layouts));
            $parts .= Tag::of('h2', [], Tag::text(\sprintf('%s: %d', $kind->label, \count($layouts)))).Tag::of('div', ['class' => 'layouts'], $figures);
        }
        $title = \sprintf('%d layouts, %s copy', \count($this->catalogue->layouts()), $length);

        return "<!doctype html>\n".Tag::of('html', ['lang' => 'en'], Tag::of('head', [], Tag::of('meta', ['charset' => 'utf-8']).Tag::of('title', [], Tag::text($title)).Tag::of('style', [], self::STYLE)).Tag::of('body', [], Tag::of('h1', [], Tag::text($title)).$parts))."\n";
    }

    private function figure(Layout $layout, SampleCopy $samples, string $length): string
    {
        $section = $samples->section($layout, $length);
        $drawings = '';
        foreach (Viewport::cases() as $viewport) {
            $drawing = $this->draughtsman->drawing($section, $viewport);
            $size = \sprintf('<svg width="%d" height="%d" ', round($drawing->width * self::SCALE), round($drawing->height * self::SCALE));
            $drawings .= str_replace('<svg ', $size, $this->draughtsman->svg($drawing));
        }

        return Tag::of('figure', ['id' => $layout->id], Tag::of('div', ['class' => 'widths'], $drawings).Tag::of('figcaption', [], Tag::text("{$layout->id}: {$layout->label}")));
    }
}

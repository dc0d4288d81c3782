<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Html;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Section;
use DunePocket\Wireframe\FontMetrics;
use DunePocket\Wireframe\Sizes;
use DunePocket\Wireframe\TextStyle;
use DunePocket\Wireframe\Viewport;

/** Writes pages as HTML: the document around the sections, and the part of the style sheet that all pages share. */
final readonly class PageWriter
{
    private const COLOURS = ['ink' => '#2E2A24', 'body' => '#4A443B', 'quiet' => '#6B6254', 'graphite' => '#4A443B', 'paper' => '#FFFDF8', 'sand' => '#F6F0E4', 'dune' => '#F0E9DB', 'line' => '#B9AE9B', 'rust' => '#9A3B1B'];

    /** Pictures of each kind, drawn as in the wireframes. */
    private const PICTURES = [
        'picture' => '<path d="M0 62C22 30 40 44 58 62S86 50 100 56M0 80C20 66 46 70 66 80S92 74 100 72" fill="none" stroke="#B9AE9B" vector-effect="non-scaling-stroke"/>',
        'video' => '<path d="M0 62C22 30 40 44 58 62S86 50 100 56M0 80C20 66 46 70 66 80S92 74 100 72" fill="none" stroke="#B9AE9B" vector-effect="non-scaling-stroke"/><path d="M46 40l10 7-10 7z" fill="#4A443B"/>',
        'map' => '<path d="M0 30C30 38 50 20 100 42M28 0C34 40 22 60 36 100M0 78L100 66" fill="none" stroke="#B9AE9B" vector-effect="non-scaling-stroke"/><circle cx="55" cy="50" r="2" fill="#4A443B"/>',
        'frame' => '<path d="M0 12H100" stroke="#B9AE9B" vector-effect="non-scaling-stroke"/>',
    ];

    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param list<Section> $sections resolved
     * @param string        $title    of the document
     * @param string        $head     further elements of the head
     * @param bool          $marked   every leaf says which slot it shows
     */
    public function page(array $sections, string $title, string $language, Naming $naming, Links $links, string $head = '', string $description = '', bool $marked = false): string
    {
        $sheet = new StyleSheet();
        $body = $this->body($sections, $naming, $sheet, $links, $marked);

        return $this->document($title, $language, Tag::of('style', [], "\n".$this->base().$sheet->css()).$head, $body, $description);
    }

    /**
     * The inside of the body; what the sections look like goes into the style sheet.
     *
     * @param list<Section> $sections resolved
     */
    public function body(array $sections, Naming $naming, StyleSheet $sheet, Links $links, bool $marked = false): string
    {
        $writer = new SectionWriter($this->catalogue, $naming, $sheet, $links, $marked);
        $parts = ['header' => '', 'main' => '', 'footer' => ''];
        foreach ($sections as $section) {
            $part = match ($section->kind) {
                'site-header' => 'header',
                'site-footer' => 'footer',
                default => 'main',
            };
            $parts[$part] .= $writer->write($section, $section->id)."\n";
        }

        return $parts['header'].Tag::of('main', [], "\n".$parts['main'])."\n".$parts['footer'];
    }

    public function document(string $title, string $language, string $head, string $body, string $description = ''): string
    {
        return "<!doctype html>\n".Tag::of('html', ['lang' => $language], "\n".Tag::of('head', [], "\n"
            .Tag::of('meta', ['charset' => 'utf-8'])."\n"
            .Tag::of('meta', ['name' => 'viewport', 'content' => 'width=device-width, initial-scale=1'])."\n"
            .Tag::of('title', [], Tag::text($title))."\n"
            .('' === $description ? '' : Tag::of('meta', ['name' => 'description', 'content' => $description])."\n")
            .$head."\n")."\n".Tag::of('body', [], "\n$body")."\n")."\n";
    }

    /** The custom properties for colour, type and space, and what every page begins with. */
    public function base(): string
    {
        $css = ":root {\n".$this->properties(Viewport::Desktop, true)."}\n"
            .'@media '.StyleSheet::TABLET." {\n:root {\n".$this->properties(Viewport::Tablet, false)."}\n}\n"
            .'@media '.StyleSheet::PHONE." {\n:root {\n".$this->properties(Viewport::Phone, false)."}\n}\n";

        return $css.<<<'CSS'
            *, ::before, ::after { box-sizing: border-box; }
            body { margin: 0; background: var(--paper); color: var(--ink); font: 400 var(--text-body); font-kerning: normal; font-variant-ligatures: none; }
            h1, h2, h3, p, ul, blockquote { margin: 0; padding: 0; font: inherit; }
            ul { list-style: none; }
            a { display: block; color: inherit; text-decoration: none; }
            button { cursor: pointer; font: inherit; }
            h1, h2, h3, p, a, blockquote, button, span { overflow-wrap: break-word; white-space: pre-line; }
            :focus-visible { outline: 3px solid #0E5E55; outline-offset: 2px; }
            [data-menu] { width: 24px; height: 16px; padding: 0; border: 0; color: inherit; background: linear-gradient(currentColor 2px, transparent 2px 7px, currentColor 7px 9px, transparent 9px 14px, currentColor 14px); }

            CSS;
    }

    private function properties(Viewport $viewport, bool $first): string
    {
        $properties = [];
        if ($first) {
            $properties['sans'] = '"'.FontMetrics::FAMILY.'", sans-serif';
            foreach (self::COLOURS as $name => $colour) {
                $properties[$name] = $colour;
            }
            foreach (self::PICTURES as $name => $paths) {
                $properties[$name] = 'url("data:image/svg+xml,'.rawurlencode('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100" preserveAspectRatio="none">'.$paths.'</svg>').'")';
            }
            $properties['measure'] = Sizes::MEASURE.'px';
        }
        $properties['margin'] = $viewport->margin().'px';
        $properties['tallest'] = Sizes::tallest($viewport).'px';
        $properties['widest-gap'] = Sizes::columns(9999, $viewport).'px';
        $properties['widest-tile-gap'] = Sizes::tiles(9999, $viewport).'px';
        $properties['widest-padding'] = Sizes::panel(9999, $viewport).'px';
        foreach (TextStyle::keys() as $key) {
            $style = TextStyle::named($key, $viewport);
            $request = $style->asRequest();
            $properties["text-$key"] = "{$style->size}px/{$style->lineHeight}px var(--sans)";
            $properties["request-$key"] = "{$request->size}px/{$request->lineHeight}px var(--sans)";
        }

        return implode('', array_map(static fn (string $name, string $value): string => "  --$name: $value;\n", array_keys($properties), $properties));
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Wireframe;

use DunePocket\Catalogue\Catalogue;
use DunePocket\Plan\Section;

/** Draws sections of a plan: composing and painting in one place. */
final readonly class Draughtsman
{
    private Composer $composer;
    private SvgWriter $writer;

    public function __construct(private Catalogue $catalogue)
    {
        $this->composer = Composer::withShippedFont();
        $this->writer = new SvgWriter();
    }

    /** @param Section $section with its copy; a reference to a shared section must be resolved first */
    public function drawing(Section $section, Viewport $viewport): Drawing
    {
        return $this->composer->compose($section, $this->catalogue->layout($section->layout), $viewport);
    }

    public function thumbnail(Section $section): string
    {
        return $this->writer->thumbnail($this->drawing($section, Viewport::Desktop));
    }

    public function svg(Drawing $drawing): string
    {
        return $this->writer->page($drawing);
    }
}

<?php

declare(strict_types=1);

namespace DunePocket\Wireframe\Html;

use DunePocket\Plan\CopyLine;
use DunePocket\Plan\Section;

/** For a section shown alone: everything leads to the top of the page it stands on. */
final readonly class NoLinks implements Links
{
    public function of(Section $section, CopyLine $line): string
    {
        return '#';
    }
}
